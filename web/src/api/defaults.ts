// Written by web/generate-types.mjs from the server's OpenAPI description.
import type { components } from './schema';

type Schemas = components['schemas'];

/** What the fields of a design document are where nothing is said of them, by the names of their groups. */
export const defaults = {
    design: {"forms":[],"motifs":[],"formerly":[],"clean":{"hole":1000,"speck":1000,"spike":400,"gap":800,"kept":[]},"layering":{"usual":{"kind":"trapped","width":1000},"joints":[],"marks":"corners","thickest":800}} satisfies Partial<Schemas['Design']>,
    arc: {"by":"rise","radius":150000,"rise":20000,"angle":60,"bows":"up"} satisfies Partial<Schemas['DesignArc']>,
    belonging: {"to":"","across":0,"down":0,"scale":100} satisfies Partial<Schemas['DesignBelonging']>,
    brimPath: {"inset":40000,"span":160,"part":"lower"} satisfies Partial<Schemas['DesignBrimPath']>,
    clean: {"hole":1000,"speck":1000,"spike":400,"gap":800,"kept":[]} satisfies Partial<Schemas['DesignClean']>,
    copies: {"kind":"none","across":2,"down":1,"gap":5000,"count":6,"radius":60000,"turn":0,"every":2,"film":""} satisfies Partial<Schemas['DesignCopies']>,
    cutFrom: {"card":"","islands":"keep","bridge":1500} satisfies Partial<Schemas['DesignCutFrom']>,
    dimensions: {"proportional":true} satisfies Partial<Schemas['DesignDimensions']>,
    edge: {"shape":"level","rise":15000,"pull":0,"left":0,"right":0} satisfies Partial<Schemas['DesignEdge']>,
    erasure: {"hidden":false,"of":{"width":0,"height":0,"turn":0}} satisfies Partial<Schemas['DesignErasure']>,
    fills: {"top":{"shape":"level","rise":15000,"pull":0,"left":0,"right":0},"bottom":{"shape":"level","rise":15000,"pull":0,"left":0,"right":0},"form":"","piece":"","inset":4000,"widths":"kept"} satisfies Partial<Schemas['DesignFills']>,
    film: {"carries":"by finish","opaque":true} satisfies Partial<Schemas['DesignFilm']>,
    follows: {"path":"straight","arc":{"by":"rise","radius":150000,"rise":20000,"angle":60,"bows":"up"},"ring":{"radius":60000,"part":"upper","tops":"outwards","with":"","across":0,"down":100000,"ends":"own","gap":10000},"brim":{"inset":40000,"span":160,"part":"lower"},"spiral":{"inner":10000,"pitch":115,"from":"outside","across":0,"down":100000},"outline":{"shape":"","side":"outside","start":0},"sits":"baseline","lift":0,"letters":"auto","evening":100} satisfies Partial<Schemas['DesignFollows']>,
    form: {"hidden":false,"locked":false,"depth":0,"belongs":{"to":"","across":0,"down":0,"scale":100},"treatments":{"group":"","erased":[],"copies":{"kind":"none","across":2,"down":1,"gap":5000,"count":6,"radius":60000,"turn":0,"every":2,"film":""},"outlines":[],"shadow":{"kind":"none","angle":45,"length":5000,"gap":0,"film":"","around":"own"},"inline":{"width":0,"distance":1500,"film":""},"setInto":{"into":"none","cards":[],"clearance":1000,"corner":"round","keep":true},"cutFrom":{"card":"","islands":"keep","bridge":1500}},"place":{"across":0,"down":100000,"turn":0},"guide":false} satisfies Partial<Schemas['DesignForm']>,
    inline: {"width":0,"distance":1500,"film":""} satisfies Partial<Schemas['DesignInline']>,
    jointChoice: {"kind":"trapped","width":1000} satisfies Partial<Schemas['DesignJointChoice']>,
    layering: {"usual":{"kind":"trapped","width":1000},"joints":[],"marks":"corners","thickest":800} satisfies Partial<Schemas['DesignLayering']>,
    letter: {"kern":0,"along":0,"across":0,"turn":0,"scale":100,"features":[],"film":"","glyph":-1} satisfies Partial<Schemas['DesignLetter']>,
    lettering: {"spacing":0,"heft":0,"rows":{"spacing":140,"widths":"own"},"language":"","features":[],"wordForms":false,"joins":"auto","letters":[]} satisfies Partial<Schemas['DesignLettering']>,
    line: {"hidden":false,"locked":false,"depth":0,"belongs":{"to":"","across":0,"down":0,"scale":100},"treatments":{"group":"","erased":[],"copies":{"kind":"none","across":2,"down":1,"gap":5000,"count":6,"radius":60000,"turn":0,"every":2,"film":""},"outlines":[],"shadow":{"kind":"none","angle":45,"length":5000,"gap":0,"film":"","around":"own"},"inline":{"width":0,"distance":1500,"film":""},"setInto":{"into":"none","cards":[],"clearance":1000,"corner":"round","keep":true},"cutFrom":{"card":"","islands":"keep","bridge":1500}},"place":{"align":"centre","turn":0},"stacking":{"gap":0,"tight":false,"shift":0,"alignTo":"area"},"follows":{"path":"straight","arc":{"by":"rise","radius":150000,"rise":20000,"angle":60,"bows":"up"},"ring":{"radius":60000,"part":"upper","tops":"outwards","with":"","across":0,"down":100000,"ends":"own","gap":10000},"brim":{"inset":40000,"span":160,"part":"lower"},"spiral":{"inner":10000,"pitch":115,"from":"outside","across":0,"down":100000},"outline":{"shape":"","side":"outside","start":0},"sits":"baseline","lift":0,"letters":"auto","evening":100},"fills":{"top":{"shape":"level","rise":15000,"pull":0,"left":0,"right":0},"bottom":{"shape":"level","rise":15000,"pull":0,"left":0,"right":0},"form":"","piece":"","inset":4000,"widths":"kept"}} satisfies Partial<Schemas['DesignLine']>,
    measuredOn: {"width":0,"height":0,"turn":0} satisfies Partial<Schemas['DesignMeasuredOn']>,
    motif: {"hidden":false,"locked":false,"depth":0,"belongs":{"to":"","across":0,"down":0,"scale":100},"treatments":{"group":"","erased":[],"copies":{"kind":"none","across":2,"down":1,"gap":5000,"count":6,"radius":60000,"turn":0,"every":2,"film":""},"outlines":[],"shadow":{"kind":"none","angle":45,"length":5000,"gap":0,"film":"","around":"own"},"inline":{"width":0,"distance":1500,"film":""},"setInto":{"into":"none","cards":[],"clearance":1000,"corner":"round","keep":true},"cutFrom":{"card":"","islands":"keep","bridge":1500}},"place":{"across":0,"down":100000,"turn":0},"pieces":[]} satisfies Partial<Schemas['DesignMotif']>,
    motifPiece: {"gone":false,"across":0,"down":0,"scale":100,"turn":0,"film":""} satisfies Partial<Schemas['DesignMotifPiece']>,
    outlinePath: {"shape":"","side":"outside","start":0} satisfies Partial<Schemas['DesignOutlinePath']>,
    place: {"align":"centre","turn":0} satisfies Partial<Schemas['DesignPlace']>,
    rim: {"width":2000,"corner":"round","holes":"keep","smallest":3000,"near":"join","around":"own"} satisfies Partial<Schemas['DesignRim']>,
    ring: {"radius":60000,"part":"upper","tops":"outwards","with":"","across":0,"down":100000,"ends":"own","gap":10000} satisfies Partial<Schemas['DesignRing']>,
    rows: {"spacing":140,"widths":"own"} satisfies Partial<Schemas['DesignRows']>,
    setInto: {"into":"none","cards":[],"clearance":1000,"corner":"round","keep":true} satisfies Partial<Schemas['DesignSetInto']>,
    shadow: {"kind":"none","angle":45,"length":5000,"gap":0,"film":"","around":"own"} satisfies Partial<Schemas['DesignShadow']>,
    shape: {"corner":0,"band":8000,"count":5,"depth":50} satisfies Partial<Schemas['DesignShape']>,
    size: {"high":20000,"share":50,"turns":2,"stretch":100} satisfies Partial<Schemas['DesignSize']>,
    spiral: {"inner":10000,"pitch":115,"from":"outside","across":0,"down":100000} satisfies Partial<Schemas['DesignSpiral']>,
    spot: {"across":0,"down":100000,"turn":0} satisfies Partial<Schemas['DesignSpot']>,
    stacking: {"gap":0,"tight":false,"shift":0,"alignTo":"area"} satisfies Partial<Schemas['DesignStacking']>,
    treatments: {"group":"","erased":[],"copies":{"kind":"none","across":2,"down":1,"gap":5000,"count":6,"radius":60000,"turn":0,"every":2,"film":""},"outlines":[],"shadow":{"kind":"none","angle":45,"length":5000,"gap":0,"film":"","around":"own"},"inline":{"width":0,"distance":1500,"film":""},"setInto":{"into":"none","cards":[],"clearance":1000,"corner":"round","keep":true},"cutFrom":{"card":"","islands":"keep","bridge":1500}} satisfies Partial<Schemas['DesignTreatments']>,
};
