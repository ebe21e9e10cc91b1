import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

type Schemas = components['schemas'];
export type Design = Schemas['Design'];
export type Blank = Schemas['DesignBlank'];
export type Placement = Schemas['DesignPlacement'];
export type Film = Schemas['DesignFilm'];
export type Line = Schemas['DesignLine'];
export type MotifPiece = Schemas['DesignMotifPiece'];
export type MotifPieceCard = Schemas['MotifPieceCard'];
export type Size = Schemas['DesignSize'];
export type Form = Schemas['DesignForm'];
export type Motif = Schemas['DesignMotif'];
export type Treatments = Schemas['DesignTreatments'];
export type Erasure = Schemas['DesignErasure'];
export type Rim = Schemas['DesignRim'];
export type ReadArtwork = Schemas['ReadArtwork'];
export type SheetRemoval = Schemas['SheetRemoval'];
export type FormKind = Form['shape']['kind'];
export type Follows = Schemas['DesignFollows'];
export type Fills = Schemas['DesignFills'];
export type Edge = Schemas['DesignEdge'];
export type SheetHandles = Schemas['SheetHandles'];
export type SheetFix = Schemas['SheetFix'];
export type Letter = Schemas['DesignLetter'];
export type WordForm = Schemas['WordForm'];
export type Drawing = Schemas['DesignDrawing'];
export type Unit = Design['unit'];
export type Layering = Schemas['DesignLayering'];
export type Weeding = Schemas['DesignWeeding'];
export type JointKind = Schemas['DesignJointKind'];
export type JointChoice = Schemas['DesignJointChoice'];
export type SheetJoint = Schemas['SheetJoint'];
export type Pressed = Schemas['Pressed'];
export type SlipResult = Schemas['SlipResult'];
export type FewerFilmsProposal = Schemas['FewerFilmsProposal'];
export type RackFilm = Schemas['RackFilm'];
export type RackEntry = Schemas['RackEntry'];
export type Sheet = Schemas['Sheet'];
export type SheetPart = Schemas['SheetPart'];
export type SheetLayer = Schemas['SheetLayer'];
export type SheetSnag = Schemas['SheetSnag'];
export type Frame = Schemas['Frame'];
export type OpenDesign = Schemas['OpenDesign'];
export type SavedDesign = Schemas['SavedDesign'];
export type JobCard = Schemas['JobCard'];
export type DesignCard = Schemas['DesignCard'];
export type GlyphCard = Schemas['GlyphCard'];
export type FontCard = Schemas['FontCard'];
export type ShopBlank = Schemas['ShopBlank'];
export type BlankEntry = Schemas['BlankEntry'];
export type BlankMeasure = Schemas['BlankMeasure'];
export type Rail = Schemas['Rail'];
export type Shop = Schemas['Shop'];
export type JobSheet = Schemas['JobSheet'];
export type Roster = Schemas['Roster'];
export type PeopleCount = Schemas['PeopleCount'];
export type SizedDesign = Schemas['SizedDesign'];
export type PressSheet = Schemas['PressSheet'];
export type PressQueueRow = Schemas['PressQueueRow'];
export type PressDesignName = Schemas['PressDesignName'];
export type PersonRow = Schemas['PersonRow'];
export type ReadTable = Schemas['ReadTable'];
export type ContactSheet = Schemas['ContactSheet'];
export type ContactPerson = Schemas['ContactPerson'];
export type JobSum = Schemas['JobSum'];
export type JobItem = Schemas['JobItem'];
export type JobState = JobSheet['state'];
export type Approval = Schemas['Approval'];
export type Comparison = Schemas['Comparison'];
export type HistoryStep = Schemas['HistoryStep'];
export type CutLayerCard = Schemas['CutLayerCard'];
export type CutRunCard = Schemas['CutRunCard'];
export type LoadedCutter = Schemas['LoadedCutter'];
export type FilmLayoutCard = Schemas['FilmLayoutCard'];
export type LaidPieceCard = Schemas['LaidPieceCard'];
export type LaidStock = Schemas['LaidStock'];
export type ScrapCard = Schemas['ScrapCard'];
export type Spot = Schemas['Spot'];
export type Problem = Schemas['Problem'];

export const server = createClient<paths>({ baseUrl: '/' });

/** An error response, with the reason. */
export class Refusal extends Error {
    constructor(
        readonly status: number,
        readonly problem: Problem,
    ) {
        super(problem.detail);
    }
}

/** The data of a response. Throws a Refusal for errors, and a TypeError if the server can't be reached. */
export async function answer<T>(request: Promise<{ data?: T; error?: unknown; response: Response }>): Promise<T> {
    const { data, error, response } = await request;
    if (data !== undefined) {
        return data;
    }
    const problem = isProblem(error)
        ? error
        : { title: 'Not understood', detail: `The server answered ${response.status}.`, path: '' };
    throw new Refusal(response.status, problem);
}

function isProblem(value: unknown): value is Problem {
    return typeof value === 'object' && value !== null && 'detail' in value;
}
