import { describe, expect, it } from 'vitest';
import type { Film, MotifPieceCard } from '../src/api/client';
import { withCard, withNewMotif } from '../src/bench/model/edits';
import { withLineInPiece } from '../src/bench/model/edits/filling';
import { alike, isSame, withPiece, withPieces, withPiecesAsDrawn } from '../src/bench/model/edits/pieces';
import { empty } from './support/designs';

const artwork = {
    width: 100,
    height: 50,
    colours: [
        { colour: '#112233', film: '', path: 'M0 0L9 0L9 9Z' },
        { colour: '#ddeeff', film: '', path: 'M0 0L9 0L9 9Z' },
    ],
    notes: [],
};
const design = withNewMotif('motif-1', 'Oars', artwork, empty.films)(empty);
const piece = (x: number, more: Partial<MotifPieceCard> = {}): MotifPieceCard => ({
    colour: 0,
    x,
    y: 10,
    path: '',
    width: 4000,
    height: 2000,
    film: 'ink',
    id: null,
    ...more,
});
const pieces = (now = design) => now.motifs[0]?.pieces;

describe('a piece of a motif', () => {
    it('is noted down by a point in it when something is otherwise, once', () => {
        const moved = withPiece('motif-1', piece(300), (now) => (now.across = 50))(design);
        expect(pieces(moved)).toEqual([
            {
                id: 'piece-1',
                colour: 0,
                x: 300,
                y: 10,
                gone: false,
                across: 50,
                down: 0,
                scale: 100,
                turn: 0,
                film: '',
            },
        ]);
        const turned = withPiece('motif-1', piece(300, { id: 'piece-1' }), (now) => (now.turn = 15))(moved);
        expect(pieces(turned)).toMatchObject([{ id: 'piece-1', across: 50, turn: 15 }]);
        // Also while the server has not been asked again.
        const soon = withPiece('motif-1', piece(300), (now) => (now.turn = 20))(turned);
        expect(pieces(soon)).toMatchObject([{ id: 'piece-1', across: 50, turn: 20 }]);
    });

    it('gets a name that no other has', () => {
        const both = withPieces('motif-1', [piece(1), piece(2)], (now) => (now.gone = true))(design);
        expect(pieces(both)?.map(({ id }) => id)).toEqual(['piece-1', 'piece-2']);
        const one = withPiecesAsDrawn('motif-1', ['piece-1'])(both);
        expect(pieces(withPiece('motif-1', piece(3), (now) => (now.gone = true))(one))?.map(({ id }) => id)).toEqual([
            'piece-2',
            'piece-3',
        ]);
    });

    it('takes in its film, and stays as it is in a motif that is locked', () => {
        const film = { ...(empty.films[0] as Film), id: 'sunup' };
        const next = withPiece('motif-1', piece(1), (now) => (now.film = 'sunup'), film)(design);
        expect(next.films.map(({ id }) => id)).toContain('sunup');
        const locked = withCard('motif-1', (card) => (card.locked = true))(design);
        expect(withPiece('motif-1', piece(1), (now) => (now.gone = true))(locked)).toBe(locked);
    });

    it('is like others of its colour and size', () => {
        const all = [
            piece(1),
            piece(2, { width: 4050 }),
            piece(3, { width: 4200 }),
            piece(4, { colour: 1 }),
            piece(5, { height: 2500 }),
        ];
        expect(alike(piece(1), all).map(({ x }) => x)).toEqual([1, 2]);
        expect(isSame(piece(1), piece(1, { path: 'M0 0', id: 'piece-9' }))).toBe(true);
        expect([isSame(null, piece(1)), isSame(piece(1), piece(2)), isSame(piece(1), piece(1, { colour: 1 }))]).toEqual(
            [false, false, false],
        );
    });
});

describe('words in a piece', () => {
    it('fill it from edge to edge, in a film that shows on it', () => {
        const next = withLineInPiece(
            'line-1',
            'motif-1',
            piece(300, { film: 'buoy', height: 5000 }),
            [],
        )({
            ...design,
            films: [
                { ...(design.films[0] as Film), id: 'buoy', colour: '#E2703A' },
                { ...(design.films[0] as Film), id: 'orange', colour: '#E0713A' },
                { ...(design.films[0] as Film), id: 'ink', colour: '#22243A' },
            ],
        });
        expect(next.lines[0]).toMatchObject({
            film: 'ink',
            fills: {
                top: { shape: 'form' },
                bottom: { shape: 'form' },
                form: 'motif-1',
                piece: '0 300 10',
                inset: 480,
            },
        });
    });
});
