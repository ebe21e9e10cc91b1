// Written by web/generate-types.mjs from the server's OpenAPI description.
export interface paths {
    "/api/artwork": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["readArtwork"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blanks": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listBlanks"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blanks/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["saveBlank"];
        post?: never;
        delete: operations["removeBlank"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/cut-room": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["showCutRoom"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/cut-room/designs/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["showCutLayers"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/cuts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["startCut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/test-cuts/{film}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["startTestCut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/test-cuts/{film}/{how}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["markTestCut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/cuts/{id}/{act}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["steerCut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["openDesign"];
        put: operations["saveDesign"];
        post?: never;
        delete: operations["removeDesign"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/{way}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["moveInHistory"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/history": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listHistory"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/history/{number}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["goToStep"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/history/{number}/name": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["nameStep"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/trials": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["tryDesign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/compare": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["compareDesign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/fonts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listFonts"];
        put?: never;
        post: operations["addFont"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/fonts/{id}/glyphs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listGlyphs"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listJobs"];
        put?: never;
        post: operations["openJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["showJob"];
        put: operations["changeJob"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/sum": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["sumJob"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/duplicate": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["duplicateJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/archive": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["archiveJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/reopen": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["reopenJob"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/designs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["addDesign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/design-file": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["openDesignFile"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/duplicate": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["duplicateDesign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/restore": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["restoreDesign"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/approval": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["approveDesign"];
        delete: operations["withdrawApproval"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/layouts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listLayouts"];
        put: operations["layOut"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/layouts/{film}/{act}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["steerLayout"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/layouts/{film}/pieces/{number}/try": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["tryPiece"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/layouts/{film}/pieces/{number}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["movePiece"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/layouts/{film}/cut": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["cutLayout"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/letter-forms": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["listLetterForms"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/try-outs": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["tryOut"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/losses": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["findLosses"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/mended-joins": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["mendJoins"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawings/{drawing}/measures": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listMeasures"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/drawings/{drawing}/measured": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["measureBlank"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/blanks/{id}/between": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["sizesBetween"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/motif-pieces": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["motifPieces"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/names": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listNames"];
        put: operations["saveNames"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/tables": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["readTable"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/people": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["contactSheet"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/people/state": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["markPeople"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/jobs/{id}/people/again": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["cutAgain"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/press": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listPress"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/press": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["showPress"];
        put?: never;
        post: operations["notePressed"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/film-rack": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listRack"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/film-rack/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put: operations["saveRackFilm"];
        post?: never;
        delete: operations["removeRackFilm"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/usual-layering": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["usualLayering"];
        put: operations["saveUsualLayering"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/scraps": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listScraps"];
        put?: never;
        post: operations["addScrap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/scraps/{id}/keep": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["keepScrap"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/scraps/{id}": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post?: never;
        delete: operations["removeScrap"];
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/pressed": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["pressed"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/slip-test": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["slipTest"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/fewer-films": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["fewerFilms"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/variants": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get?: never;
        put?: never;
        post: operations["makeVariant"];
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/films": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listFilms"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/shop": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["showShop"];
        put: operations["saveShop"];
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/sizes": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listSizes"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/stamp": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["stampOfShop"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
    "/api/designs/{id}/stamp": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["stampOfDesign"];
        put?: never;
        post?: never;
        delete?: never;
        options?: never;
        head?: never;
        patch?: never;
        trace?: never;
    };
}
export type webhooks = Record<string, never>;
export interface components {
    schemas: {
        /** @description An added font, or the one that was already there. */
        AddedFont: {
            font: components["schemas"]["FontCard"];
            /** @description Whether it was already in the type case. */
            known: boolean;
            /** @description Note about the font; empty if there is none. */
            note: string;
        };
        /** @description What the customer approved. */
        Approval: {
            by: string;
            /** Format: date-time */
            at: string;
            /** @description Approved history step. */
            step: number;
            /** @description Whether the design is unchanged since. */
            current: boolean;
        };
        /** @description A blank of the shop, with its version. */
        BlankEntry: {
            /** @description Increases with every change; 0 if not saved yet. */
            version: number;
            blank: components["schemas"]["ShopBlank"];
        };
        /** @description A measure to take on a kind of blank. */
        BlankMeasure: {
            name: string;
            title: string;
            hint: string;
            /** @description Measured line: SVG path data in the drawing’s millimetres. */
            path: string;
            /** @description Length in the drawing, in µm. */
            usual: number;
        };
        /** @description A changed job, and the version it was changed from. */
        ChangeJob: {
            version: number;
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @enum {string} */
            state: "to design" | "to approve" | "to cut" | "to press" | "done";
            /**
             * Format: float
             * @description Price of the whole job; 0 if none is agreed; omit to keep it.
             */
            price?: number | null;
            items: components["schemas"]["JobItem"][];
        };
        /** @description Comparison of a design that two people changed. */
        Comparison: {
            theirs: string[];
            ours: string[];
            opened: components["schemas"]["OpenDesign"];
            merged: components["schemas"]["Design"] | null;
        };
        /** @description How a line was fitted for a person. Lengths are in µm. */
        ContactFit: {
            line: string;
            width: number;
            letterHeight: number;
            /**
             * Format: float
             * @description Width in percent of its natural width at that height.
             */
            squeezed: number;
            /** @description Whether it is smaller than set because squeezing was not enough. */
            smaller: boolean;
        };
        /** @description A line with fields on a contact sheet. Lengths are in µm. */
        ContactLine: {
            id: string;
            /** @description Words with fields, like ⟨name⟩. */
            words: string;
            /** @description Largest letter height that fits everyone within the limit, or within the area if there is none. */
            tallest: number | null;
        };
        /** @description A shape on a contact sheet, in the colour of its film. */
        ContactPart: {
            colour: string;
            /** @description SVG path data in µm, y down. */
            path: string;
        };
        /** @description One person's lettering. Lengths are in µm. */
        ContactPerson: {
            id: string;
            /** @description All lines with fields. */
            words: string;
            /** @description Bottom first. */
            parts: components["schemas"]["ContactPart"][];
            box: components["schemas"]["Frame"] | null;
            lines: components["schemas"]["ContactFit"][];
            /** @description Why this person’s lettering can’t be made. */
            failure: string | null;
        };
        /** @description A design's lettering for the people of a list. Lengths are in µm. */
        ContactSheet: {
            /** @description Colour of the blank. */
            fabric: string;
            /** @description Number of people in the list. */
            count: number;
            /** @description Lines with fields. */
            lines: components["schemas"]["ContactLine"][];
            /** @description The requested people. */
            people: components["schemas"]["ContactPerson"][];
        };
        /** @description A layer of a design placed on its film, blade side up. Lengths are in µm. */
        CutLayerCard: {
            film: components["schemas"]["DesignFilm"];
            /** @description Copies in the job. */
            wanted: number;
            /** @description Copies laid out; all figures are for all of them. */
            copies: number;
            /** @description Corner of each copy. */
            places: {
                along: number;
                across: number;
            }[];
            /** @description Length of film. */
            length: number;
            /** @description Width of film. */
            across: number;
            fits: boolean;
            /** @description Pieces of one copy by number: SVG path data from its corner, x along the film, y across it. */
            ink: string[];
            /** @description Frames, registration marks and relief cuts, likewise. */
            frame: string;
            /** @description Hard places to weed, likewise: small holes, narrow waste, thin strokes. */
            hard: string;
            /** @description Number of hard places. */
            hardPlaces: number;
            pieces: number;
            toWeed: number;
            /** @description Longest extent of the smallest piece. */
            smallest: number;
            /** @description Width of the narrowest waste, between pieces or in a hole; 0 if there is none. */
            narrowest: number;
            /**
             * Format: float
             * @description Weeding time in seconds (docs/cutting.md).
             */
            weeding: number;
            /**
             * Format: float
             * @description Cutting time.
             */
            seconds: number;
            /** @description Travel of the raised knife. */
            travel: number;
            /** @description Travel saved by the cutting order. */
            saved: number;
            /** @description Blade angle from the film rack, in degrees. */
            blade: number;
            /** @description In grams. */
            force: number;
            /** @description In mm/s. */
            speed: number;
            passes: number;
            /**
             * @description Carrier mat.
             * @enum {string}
             */
            mat: "none" | "low tack" | "high tack";
            /** @description Length left on the roll. */
            stock: number;
            /**
             * Format: float
             * @description Price per metre; 0 if unknown.
             */
            price: number;
            /** @description Day of the last test cut; empty if there was none. */
            testedOn: string;
            testedGood: boolean;
            /**
             * Format: date-time
             * @description Time of the last cut; null if it was never cut.
             */
            cutAt: string | null;
        };
        /** @description The cutter, and its current and finished cuts. */
        CutRoom: {
            cutter: components["schemas"]["LoadedCutter"] | null;
            /** @description Address of the cutter’s front panel. */
            panel: string;
            /** @description Unfinished runs, oldest first. */
            runs: components["schemas"]["CutRunCard"][];
            /** @description Latest finished runs. */
            over: components["schemas"]["CutRunCard"][];
        };
        /** @description A cut in progress or finished. Lengths are in µm. */
        CutRunCard: {
            id: string;
            design: string;
            film: string;
            title: string;
            /** @enum {string} */
            state: "waiting" | "cutting" | "paused" | "stopped" | "cut" | "cancelled";
            /** @description Reason for waiting or stopping. */
            reason: string;
            /** @enum {string} */
            wanted: "go" | "pause" | "cancel";
            /** @description Number of rings cut so far. */
            done: number;
            rings: number;
            /** @description Knife position along the film. */
            along: number;
            across: number;
            /** Format: float */
            secondsLeft: number;
            /** @description Length of film. */
            length: number;
            /** Format: date-time */
            endedAt: string | null;
            /** @description Largest deviation of the tip; null if it was not measured. */
            within: number | null;
            /** @description Number of visibly inaccurate cuts. */
            off: number;
            /** @description Numbers of the pieces with such cuts. */
            offPieces: number[];
            /** @description Those cuts as SVG path data, x along the film, y across it. */
            offPath: string;
            /** @description Roll or scrap of the layout that is cut; empty for a single layer. */
            stock: string;
        };
        /** @description Totals of the jobs in hand. Lengths are in µm. */
        DayWork: {
            /** @description Of jobs to cut. */
            filmLength: number;
            toWeed: number;
            toPress: components["schemas"]["PressCount"][];
        };
        /**
         * Design
         * @description A design document. Lengths are whole micrometres. Defaults stand here and nowhere else. Beside the standard keywords: title is what a field is called in sentences; unit what a number counts (mm for lengths, which people read in their own unit); names what an id leads to; changed and ended how a change of a group is told; unless names the field whose change goes before.
         */
        Design: {
            /**
             * @description The version of this format.
             * @constant
             */
            uvret: 3;
            /** name */
            name: string;
            /**
             * unit
             * @description The unit that people read; the document holds micrometres.
             * @enum {unknown}
             */
            unit: "mm" | "in";
            blank: components["schemas"]["DesignBlank"];
            /** @description The films that may be used, bottom film first. */
            films: components["schemas"]["DesignFilm"][];
            /**
             * position of the lines
             * @description Where the lines stand in the placement area.
             * @enum {unknown}
             */
            stack: "top" | "middle" | "bottom";
            lines: components["schemas"]["DesignLine"][];
            /**
             * @description Basic shapes, each in its place.
             * @default []
             */
            forms: components["schemas"]["DesignForm"][];
            /**
             * @description Artwork, each in its place.
             * @default []
             */
            motifs: components["schemas"]["DesignMotif"][];
            /**
             * memory of how films covered one another
             * @description The films from the bottom up as they covered one another in the whole design before each card had its depth, where depths can't show all of that; empty where it is no matter.
             * @default []
             */
            formerly: components["schemas"]["DesignId"][];
            /**
             * limits of what is tidied away
             * @description Limits below which shapes left by a treatment are tidied away.
             * @default []
             */
            clean: components["schemas"]["DesignClean"];
            /**
             * @description How films are layered.
             * @default []
             */
            layering: components["schemas"]["DesignLayering"];
            /**
             * @description Frames and relief cuts for weeding.
             * @default []
             */
            weeding: components["schemas"]["DesignWeeding"];
        };
        /** @description A part of a circle, with the middle of the line in its middle. */
        DesignArc: {
            /**
             * @description Which of the three rules.
             * @default rise
             * @enum {unknown}
             */
            by: "radius" | "rise" | "angle";
            /** @default 150000 */
            radius: components["schemas"]["DesignExtent"];
            /**
             * @description Rise of the path's middle above its ends.
             * @default 20000
             */
            rise: number;
            /**
             * @description Arc that the line covers, in degrees.
             * @default 60
             */
            angle: number;
            /**
             * @default up
             * @enum {unknown}
             */
            bows: "up" | "down";
        };
        /** @description The card that it belongs to, with which it is moved, turned, sized, copied and hidden. */
        DesignBelonging: {
            /**
             * @description Empty for none.
             * @default
             */
            to: string;
            /**
             * @description How far its middle lies to the right of that of the other one, along that one’s own turn.
             * @default 0
             */
            across: components["schemas"]["DesignDistance"];
            /**
             * @description How far its middle lies below that of the other one, across that one’s own turn.
             * @default 0
             */
            down: components["schemas"]["DesignDistance"];
            /**
             * @description How large it is there, in percent of its own size.
             * @default 100
             */
            scale: number;
        };
        /** @description The garment, bag or hat as bought, in one size and colour. */
        DesignBlank: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            drawing: components["schemas"]["DesignDrawing"];
            size: string;
            /** @description Across the blank where it is widest: chest, bag, cap or brim. */
            width: components["schemas"]["DesignExtent"];
            /** @default 0 */
            height: components["schemas"]["DesignBlankHeight"];
            /** @default [] */
            keepOff: components["schemas"]["DesignKeepOff"];
            /**
             * places that may be crossed
             * @description The ids of places to keep off that lettering may run across in this design.
             * @default []
             */
            crossed: components["schemas"]["DesignId"][];
            fabric: components["schemas"]["DesignFabric"];
            placement: components["schemas"]["DesignPlacement"];
        };
        /**
         * height
         * @description From the blank's measuring point to its lower end (of caps and hats: up to the top); 0 as drawn to its width.
         */
        DesignBlankHeight: number;
        /** @description One size of a blank of the shop. */
        DesignBlankSize: {
            size: string;
            /** @description Across the blank where it is widest. */
            width: components["schemas"]["DesignExtent"];
            /** @default 0 */
            height: components["schemas"]["DesignBlankHeight"];
            /** @default [] */
            keepOff: components["schemas"]["DesignKeepOff"];
            /** @description Hand measurements, by the drawing's measure names. */
            measures?: {
                [key: string]: components["schemas"]["DesignExtent"];
            };
            placements: components["schemas"]["DesignPlacement"][];
        };
        /** @description A flat ring round the blank's measuring point that carries lettering: the brim of a hat, laid flat. */
        DesignBrim: {
            /** @description The radius of its outer edge. */
            edge: components["schemas"]["DesignExtent"];
            /** @description The radius where the crown begins. */
            crown: components["schemas"]["DesignExtent"];
        };
        /** @description A ring on the brim that the placement has. */
        DesignBrimPath: {
            /**
             * @description From the brim's edge.
             * @default 40000
             */
            inset: components["schemas"]["DesignDistance"];
            /**
             * @description Arc of the brim that reads from one side, in degrees.
             * @default 160
             */
            span: number;
            /**
             * @description The side that it reads from: upper from the back, lower from the front.
             * @default lower
             * @enum {unknown}
             */
            part: "upper" | "lower";
        };
        /**
         * measures on other sizes
         * @description How the card scales to other sizes of the blank.
         */
        DesignBySize: {
            /**
             * on other sizes
             * @description Measures stay, grow with the area's width, or stand in the table.
             * @default stay
             * @enum {unknown}
             */
            rule: "stay" | "grow" | "table";
            /**
             * measures by size
             * @description A line's measure, or a form's width, for each size that has its own.
             * @default []
             */
            table: {
                size: string;
                length: components["schemas"]["DesignExtent"];
            }[];
        };
        /** @description Thumbnail and figures of a job's design. Lengths are in µm. */
        DesignCard: {
            id: string;
            name: string;
            blank: string;
            size: string;
            /** @description Name of the area. */
            placement: string;
            /** @description Width of the area; 0 for a brim. */
            across: number;
            /** @description Height of the area, or width of the brim’s band. */
            down: number;
            /** @enum {string} */
            unit: "mm" | "in";
            /** @description Bounds of the whole blank as drawn. */
            width: number;
            height: number;
            /** @description Names of the films cut. */
            films: string[];
            /** @description Number of snags that would spoil film or garment. */
            snags: number;
            /** @description Address of an SVG picture that never changes. */
            picture: string;
            /** @description Why the design can’t be read; null if it can. */
            unreadable: string | null;
        };
        /** @description Limits below which shapes are rubbish. */
        DesignClean: {
            /**
             * @description Holes that a treatment made and that are less than this across are closed.
             * @default 1000
             */
            hole: number;
            /**
             * @description Pieces that a treatment made and that are less than this across are dropped.
             * @default 1000
             */
            speck: number;
            /**
             * @description Spikes and nubs thinner than this are smoothed.
             * @default 400
             */
            spike: number;
            /**
             * @description Rims nearer to each other than this are joined or kept apart.
             * @default 800
             */
            gap: number;
            /**
             * @description What is kept all the same.
             * @default []
             */
            kept: components["schemas"]["DesignKeptSpeck"][];
        };
        DesignColour: string;
        /** @description Copies: grid, mirrored pair or around a centre. */
        DesignCopies: {
            /**
             * @default none
             * @enum {unknown}
             */
            kind: "none" | "grid" | "mirrored" | "around";
            /** @default 2 */
            across: number;
            /** @default 1 */
            down: number;
            /**
             * @description Between copies, from ink to ink.
             * @default 5000
             */
            gap: components["schemas"]["DesignDistance"];
            /**
             * @description How many there are around a centre, with the first.
             * @default 6
             */
            count: number;
            /**
             * @description From the middle of the first up to the centre below it.
             * @default 60000
             */
            radius: components["schemas"]["DesignDistance"];
            /**
             * @description How far the ring of copies is turned about its centre, in degrees clockwise.
             * @default 0
             */
            turn: number;
            /**
             * @description Every second, third… copy is cut from another film.
             * @default 2
             */
            every: number;
            /**
             * @description The other film; empty for none.
             * @default
             */
            film: string;
        };
        /** @description Removes the card's shape from another one; the blank shows through. */
        DesignCutFrom: {
            /**
             * @description Empty for none.
             * @default
             */
            card: string;
            /**
             * @description What becomes of the pieces inside its holes: they stay loose, go too, or hang on bridges; or hang where there is room for a bridge and go where there is not.
             * @default keep
             * @enum {unknown}
             */
            islands: "keep" | "drop" | "bridge" | "bridge or drop";
            /**
             * @description The width of a bridge.
             * @default 1500
             */
            bridge: number;
        };
        /** @description Size of a form or motif before rotation. */
        DesignDimensions: {
            width: components["schemas"]["DesignExtent"];
            height: components["schemas"]["DesignExtent"];
            /**
             * proportional
             * @description Whether its width and height change together by hand.
             * @default true
             */
            proportional: boolean;
        };
        DesignDistance: number;
        /**
         * @description Drawing of the blank.
         * @enum {unknown}
         */
        DesignDrawing: "tee-front" | "tee-back" | "hoodie-front" | "sleeve" | "tote" | "cap" | "brimmed-hat" | "pouch" | "hat-brim" | "board";
        /** @description One edge of a line that is stretched. */
        DesignEdge: {
            /**
             * @default level
             * @enum {unknown}
             */
            shape: "level" | "arched" | "dipped" | "peaked" | "wave" | "slope" | "form";
            /**
             * @description Height of the curve above the straight edge; for dipped, depth below it.
             * @default 15000
             */
            rise: components["schemas"]["DesignDistance"];
            /**
             * @description Offset of the peak to the right, in percent; negative to the left.
             * @default 0
             */
            pull: number;
            /**
             * @description Rise of the left end.
             * @default 0
             */
            left: components["schemas"]["DesignDistance"];
            /**
             * @description Rise of the right end.
             * @default 0
             */
            right: components["schemas"]["DesignDistance"];
        };
        /** @description A piece that is taken out of a card. */
        DesignErasure: {
            id: components["schemas"]["DesignId"];
            /** @description x and y in turn, from the card's middle, y pointing down. */
            points: components["schemas"]["DesignDistance"][];
            /**
             * @description Whether it is switched off.
             * @default false
             */
            hidden: boolean;
            /** @default [] */
            of: components["schemas"]["DesignMeasuredOn"];
        };
        DesignExtent: number;
        DesignFabric: {
            name: components["schemas"]["DesignLabel"];
            colour: components["schemas"]["DesignColour"];
            /**
             * highest temperature
             * @description That the fabric takes at the press, in °C.
             * @default 190
             */
            highest: number;
            /**
             * @description Stretch when worn.
             * @default none
             * @enum {unknown}
             */
            stretch: "none" | "some" | "much";
            /**
             * sensitive to marks
             * @description Whether a press leaves marks on it.
             * @default false
             */
            marks: boolean;
            /**
             * @description Cloth, coated cloth that repels water, or something hard that is not pressed hot: glass, board, a bottle.
             * @default cloth
             * @enum {unknown}
             */
            surface: "cloth" | "coated" | "hard";
        };
        DesignFeatures: string[];
        /** @description A top and a bottom edge, each chosen by itself. */
        DesignFills: {
            /** @default [] */
            top: components["schemas"]["DesignEdge"];
            /** @default [] */
            bottom: components["schemas"]["DesignEdge"];
            /**
             * @description The form whose edges are taken where an edge says so.
             * @default
             */
            form: string;
            /**
             * @description The piece of a motif that is filled, where that is not all of it: its colour's place, and a point in it as it was drawn, in ten-thousandths of the motif's width and height to the right of its middle and below it.
             * @default
             */
            piece: string;
            /**
             * @description Inset of the edges from the form's outline.
             * @default 4000
             */
            inset: components["schemas"]["DesignDistance"];
            /**
             * @description Whether letters keep their widths or become wider where they are taller.
             * @default kept
             * @enum {unknown}
             */
            widths: "kept" | "by height";
        };
        DesignFilm: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            colour: components["schemas"]["DesignColour"];
            /** @enum {unknown} */
            finish: "smooth" | "glitter" | "flock" | "metallic" | "reflective" | "stretch" | "puff" | "patterned";
            /** @description Of the roll or sheet. */
            width: components["schemas"]["DesignExtent"];
            thickness: number;
            /**
             * @description Whether the side that the knife sees shows the mirror image of what is worn.
             * @enum {unknown}
             */
            bladeSide: "mirrored" | "as worn";
            /**
             * @description Whether another film holds on it: as its finish has it, any film, or none.
             * @default by finish
             * @enum {unknown}
             */
            carries: "by finish" | "films" | "nothing";
            /**
             * @description Whether nothing beneath it shows through.
             * @default true
             */
            opaque: boolean;
            /**
             * @description Pressed hot on cloth, or laid on cold with transfer tape.
             * @default hot
             * @enum {unknown}
             */
            applied: "hot" | "cold";
            /**
             * holds on coated fabrics
             * @default false
             */
            coated: boolean;
        };
        /**
         * sizes of names
         * @description How a line with fields fits each person's words.
         */
        DesignFitting: {
            /**
             * as tall as all fit
             * @description One letter height for all: the largest at which the longest is no wider than the limit.
             * @default false
             */
            tallest: boolean;
            /**
             * at most as wide
             * @description No line is wider; 0 for no limit.
             * @default 0
             */
            atMost: number;
            /**
             * squeezed to
             * @description Lines that are too wide are squeezed to this share of their width at most, then made smaller.
             * @default 100
             */
            squeeze: number;
            /**
             * digits on one width
             * @description Every digit takes as much room as the widest.
             * @default false
             */
            evenDigits: boolean;
        };
        /** @description The path of a line and how letters sit on it. Settings of other kinds of path are kept. */
        DesignFollows: {
            /**
             * @default straight
             * @enum {unknown}
             */
            path: "straight" | "arc" | "ring" | "brim" | "spiral" | "outline";
            /** @default [] */
            arc: components["schemas"]["DesignArc"];
            /** @default [] */
            ring: components["schemas"]["DesignRing"];
            /** @default [] */
            brim: components["schemas"]["DesignBrimPath"];
            /** @default [] */
            spiral: components["schemas"]["DesignSpiral"];
            /** @default [] */
            outline: components["schemas"]["DesignOutlinePath"];
            /**
             * @description Letter line on the path: baseline, centre or top of the cap height.
             * @default baseline
             * @enum {unknown}
             */
            sits: "baseline" | "middle" | "top";
            /**
             * @description Distance from the path, towards the letters' tops.
             * @default 0
             */
            lift: components["schemas"]["DesignDistance"];
            /**
             * @description Whether each letter is turned as it is or bent along the path; auto bends scripts that join.
             * @default auto
             * @enum {unknown}
             */
            letters: "auto" | "turned" | "bent";
            /**
             * @description Spacing compensation for curvature, in percent: at 100 the spacing matches straight text at half cap height, at 0 on the path.
             * @default 100
             */
            evening: number;
        };
        /** @description A basic shape. */
        DesignForm: {
            id: components["schemas"]["DesignId"];
            /** film */
            film: components["schemas"]["DesignId"];
            /**
             * hidden
             * @description Keeps its place, but is neither shown nor cut.
             * @default false
             */
            hidden: boolean;
            /**
             * locked
             * @description Is not changed or moved by hand until it is unlocked.
             * @default false
             */
            locked: boolean;
            /**
             * depth
             * @description Stacking order: higher numbers on top. With equal numbers, motifs lie on forms, lines on motifs, and later cards on earlier ones.
             * @default 0
             */
            depth: number;
            /** @default [] */
            bySize: components["schemas"]["DesignBySize"];
            /** @default [] */
            belongs: components["schemas"]["DesignBelonging"];
            /** @default [] */
            treatments: components["schemas"]["DesignTreatments"];
            shape: components["schemas"]["DesignShape"];
            size: components["schemas"]["DesignDimensions"];
            /** @default [] */
            place: components["schemas"]["DesignSpot"];
            /**
             * guide only
             * @description Only there to be followed or filled: neither worn nor cut.
             * @default false
             */
            guide: boolean;
        };
        DesignId: string;
        /** @description A line inside the shape at a distance from its edge. */
        DesignInline: {
            /**
             * @description 0 for none.
             * @default 0
             */
            width: number;
            /** @default 1500 */
            distance: number;
            /**
             * @description Empty where the line is cut out, so that what is beneath shows.
             * @default
             */
            film: string;
        };
        DesignJointChoice: {
            /** @default trapped */
            kind: components["schemas"]["DesignJointKind"];
            /** @default 1000 */
            width: components["schemas"]["DesignJointWidth"];
        };
        /**
         * @description The lower film runs on beneath, is punched out but for the trap, meets the upper one edge to edge, or leaves a line of the blank free.
         * @enum {unknown}
         */
        DesignJointKind: "lay over" | "trapped" | "butted" | "gap";
        /** @description The trap, or the gap. */
        DesignJointWidth: number;
        /**
         * places to keep off
         * @description Seams, zips, pockets and whatever else film does not hold on.
         */
        DesignKeepOff: {
            id: components["schemas"]["DesignId"];
            /** @enum {unknown} */
            kind: "seam" | "zip" | "pocket" | "button" | "eyelet" | "drawstring" | "rib" | "other";
            name: components["schemas"]["DesignLabel"];
            /** @description Right of and below the blank's measuring point, in turn: one point, a line, or the corners of a shape. */
            points: components["schemas"]["DesignDistance"][];
            /**
             * @description Whether they are the corners of a shape.
             * @default false
             */
            closed: boolean;
            /**
             * @description Clearance to lettering.
             * @default 10000
             */
            distance: number;
        }[];
        /** @description A shape that is kept although it is small. */
        DesignKeptSpeck: {
            card: components["schemas"]["DesignId"];
            x: components["schemas"]["DesignDistance"];
            y: components["schemas"]["DesignDistance"];
        };
        DesignLabel: string;
        DesignLayering: {
            /**
             * @description Default joint of two films.
             * @default []
             */
            usual: components["schemas"]["DesignJointChoice"];
            /**
             * @description Joint of two films, regardless of their order.
             * @default []
             */
            joints: {
                id: string;
                film: components["schemas"]["DesignId"];
                other: components["schemas"]["DesignId"];
                /** @default trapped */
                kind: components["schemas"]["DesignJointKind"];
                /** @default 1000 */
                width: components["schemas"]["DesignJointWidth"];
            }[];
            /**
             * @description Registration marks, if there is more than one layer.
             * @default corners
             * @enum {unknown}
             */
            marks: "none" | "box" | "corners" | "pins";
            /**
             * @description Maximum total thickness of all films before it becomes a snag.
             * @default 800
             */
            thickest: number;
        };
        DesignLetter: {
            /** @description Which character of the words, counted from 0. */
            at: number;
            /**
             * @description More room before it, which moves all that follows; in thousandths of the em.
             * @default 0
             */
            kern: components["schemas"]["DesignNudge"];
            /**
             * @description To the right, alone, in thousandths of the em.
             * @default 0
             */
            along: components["schemas"]["DesignNudge"];
            /**
             * @description Up, in thousandths of the em.
             * @default 0
             */
            across: components["schemas"]["DesignNudge"];
            /**
             * @description In degrees, clockwise.
             * @default 0
             */
            turn: number;
            /**
             * @description In percent.
             * @default 100
             */
            scale: number;
            /**
             * @description OpenType features for this letter, over those of the line.
             * @default []
             */
            features: components["schemas"]["DesignFeatures"];
            /**
             * @description A film of its own; empty for that of the line.
             * @default
             */
            film: string;
            /**
             * @description A glyph of the font chosen by its number, in place of the letter's own; -1 for none.
             * @default -1
             */
            glyph: number;
        };
        /** @description The words, and how the font sets them. */
        DesignLettering: {
            /**
             * words
             * @description With a line feed between rows.
             */
            words: string;
            /** font */
            font: components["schemas"]["DesignId"];
            /**
             * letter spacing
             * @description Tracking: what is added between letters, in thousandths of the font's em.
             * @default 0
             */
            spacing: number;
            /**
             * heft
             * @description Growth of the strokes on either side, at the line's size; negative values thin them. Applied before the line is sized.
             * @default 0
             */
            heft: number;
            /**
             * @description Alignment of rows.
             * @default []
             */
            rows: components["schemas"]["DesignRows"];
            /**
             * language
             * @description The language of the words, like nl: some fonts draw letters in its way.
             * @default
             */
            language: string;
            /**
             * letter forms
             * @description OpenType features for the whole line.
             * @default []
             */
            features: components["schemas"]["DesignFeatures"];
            /**
             * set with initial and final forms
             * @description Letters at the beginning and the end of words in the forms that the font has for them.
             * @default false
             */
            wordForms: boolean;
            /**
             * joining letters
             * @description Whether neighbouring letters are to join; auto goes by the font.
             * @default auto
             * @enum {unknown}
             */
            joins: "auto" | "join" | "apart";
            /**
             * single letters
             * @description Settings of single letters.
             * @default []
             */
            letters: components["schemas"]["DesignLetter"][];
        };
        DesignLine: {
            id: components["schemas"]["DesignId"];
            /** film */
            film: components["schemas"]["DesignId"];
            /**
             * hidden
             * @description Keeps its place, but is neither shown nor cut.
             * @default false
             */
            hidden: boolean;
            /**
             * locked
             * @description Is not changed or moved by hand until it is unlocked.
             * @default false
             */
            locked: boolean;
            /**
             * depth
             * @description Stacking order: higher numbers on top. With equal numbers, motifs lie on forms, lines on motifs, and later cards on earlier ones.
             * @default 0
             */
            depth: number;
            /** @default [] */
            bySize: components["schemas"]["DesignBySize"];
            /** @default [] */
            belongs: components["schemas"]["DesignBelonging"];
            /** @default [] */
            treatments: components["schemas"]["DesignTreatments"];
            lettering: components["schemas"]["DesignLettering"];
            size: components["schemas"]["DesignSize"];
            /** @default [] */
            place: components["schemas"]["DesignPlace"];
            /** @default [] */
            stacking: components["schemas"]["DesignStacking"];
            /**
             * @description Path of the line.
             * @default []
             */
            follows: components["schemas"]["DesignFollows"];
            /**
             * @description The edges that the line is stretched between.
             * @default []
             */
            fills: components["schemas"]["DesignFills"];
            /** @default [] */
            fitting: components["schemas"]["DesignFitting"];
        };
        DesignMargin: number;
        /** @description A card as it was when a piece was taken out of it: the piece grows and turns with the card. Without a width it stays as it is, in the middle of the ink. */
        DesignMeasuredOn: {
            /**
             * @description Of a line, the height of its letters.
             * @default 0
             */
            width: number;
            /** @default 0 */
            height: number;
            /**
             * @description Clockwise, in degrees.
             * @default 0
             */
            turn: number;
        };
        /** @description Artwork in its place. */
        DesignMotif: {
            id: components["schemas"]["DesignId"];
            /**
             * hidden
             * @description Keeps its place, but is neither shown nor cut.
             * @default false
             */
            hidden: boolean;
            /**
             * locked
             * @description Is not changed or moved by hand until it is unlocked.
             * @default false
             */
            locked: boolean;
            /**
             * depth
             * @description Stacking order: higher numbers on top. With equal numbers, motifs lie on forms, lines on motifs, and later cards on earlier ones.
             * @default 0
             */
            depth: number;
            /** @default [] */
            bySize: components["schemas"]["DesignBySize"];
            /** @default [] */
            belongs: components["schemas"]["DesignBelonging"];
            /** @default [] */
            treatments: components["schemas"]["DesignTreatments"];
            /**
             * name
             * @description The file that it came from.
             */
            name: components["schemas"]["DesignLabel"];
            /**
             * colours
             * @description The colours that were found in it.
             */
            colours: components["schemas"]["DesignMotifColour"][];
            size: components["schemas"]["DesignDimensions"];
            /** @default [] */
            place: components["schemas"]["DesignSpot"];
            /**
             * single pieces
             * @description Settings of single pieces.
             * @default []
             */
            pieces: components["schemas"]["DesignMotifPiece"][];
        };
        /** @description All that is seen of one colour. */
        DesignMotifColour: {
            colour: components["schemas"]["DesignColour"];
            /** @description The film that it is cut from; empty where it is left out. */
            film: string;
            /** @description SVG path data of M, L, C and Z with whole numbers; y points down. */
            path: string;
        };
        /** @description Settings of one piece of a motif. Lengths are ten-thousandths of the motif's width and height, before rotation. */
        DesignMotifPiece: {
            id: components["schemas"]["DesignId"];
            /** @description The place of its colour. */
            colour: number;
            /** @description A point in the piece as it was drawn, to the right of the motif's middle. */
            x: components["schemas"]["DesignShare"];
            /** @description The same point, below the motif's middle. */
            y: components["schemas"]["DesignShare"];
            /**
             * @description Whether it is left out.
             * @default false
             */
            gone: boolean;
            /**
             * @description Offset to the right.
             * @default 0
             */
            across: components["schemas"]["DesignShare"];
            /**
             * @description Offset downwards.
             * @default 0
             */
            down: components["schemas"]["DesignShare"];
            /**
             * @description Size in percent, about its centre.
             * @default 100
             */
            scale: number;
            /**
             * @description About its middle, in degrees clockwise.
             * @default 0
             */
            turn: number;
            /**
             * @description Its own film; empty for that of its colour.
             * @default
             */
            film: string;
        };
        /** @description Name of a design. */
        DesignName: {
            id: string;
            name: string;
        };
        DesignNudge: number;
        /** @description Along the outline of a form or motif. */
        DesignOutlinePath: {
            /**
             * @description Whose outline.
             * @default
             */
            shape: string;
            /**
             * @description Where the letters stand.
             * @default outside
             * @enum {unknown}
             */
            side: "outside" | "inside";
            /**
             * @description Where the line's aligned point lies: clockwise from the top, in percent of the outline's length.
             * @default 0
             */
            start: number;
        };
        /** @description Placement of the line. */
        DesignPlace: {
            /**
             * @description By ink, to the placement area.
             * @default centre
             * @enum {unknown}
             */
            align: "left" | "centre" | "right";
            /**
             * @description In degrees, clockwise as worn, about the middle of the ink.
             * @default 0
             */
            turn: number;
        };
        /** @description The area of the blank that may carry lettering. */
        DesignPlacement: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            width: components["schemas"]["DesignExtent"];
            height: components["schemas"]["DesignExtent"];
            /** @description Offset of the area's top centre from the blank's measuring point, to the right. */
            across: components["schemas"]["DesignDistance"];
            /** @description Distance from the blank's measuring point down to the area's top edge. */
            down: components["schemas"]["DesignDistance"];
            /** @description The distances that a decorator measures, and from where. */
            from: {
                /** @enum {unknown} */
                edge: "collar" | "hem" | "seam" | "zip" | "pocket" | "brim" | "handles" | "top edge" | "shoulder";
                distance: components["schemas"]["DesignDistance"];
            }[];
            brim?: components["schemas"]["DesignBrim"];
        };
        /** @description An outline of a width. */
        DesignRim: {
            /** @default 2000 */
            width: number;
            film: components["schemas"]["DesignId"];
            /**
             * @default round
             * @enum {unknown}
             */
            corner: "round" | "pointed" | "flat";
            /**
             * @description Whether holes stay, those below a size are filled, or all.
             * @default keep
             * @enum {unknown}
             */
            holes: "keep" | "small" | "fill";
            /**
             * @description Holes less than this across are filled.
             * @default 3000
             */
            smallest: number;
            /**
             * @description How rims that nearly touch are handled.
             * @default join
             * @enum {unknown}
             */
            near: "join" | "apart" | "as is";
            /**
             * @description What it surrounds as one shape: the card, its group, or everything.
             * @default own
             * @enum {unknown}
             */
            around: "own" | "group" | "all";
        };
        /** @description A whole circle in its place. */
        DesignRing: {
            /** @default 60000 */
            radius: components["schemas"]["DesignExtent"];
            /**
             * @description The upper and the lower half read from left to right, upright; round starts where the line is aligned and goes all the way.
             * @default upper
             * @enum {unknown}
             */
            part: "upper" | "lower" | "round";
            /**
             * @description Where the tops of the letters point on a line that goes round.
             * @default outwards
             * @enum {unknown}
             */
            tops: "outwards" | "inwards";
            /**
             * @description A line whose ring it shares; that one has the centre, the radius and the ends.
             * @default
             */
            with: string;
            /**
             * @description Offset of the centre from the area's top centre, to the right.
             * @default 0
             */
            across: components["schemas"]["DesignDistance"];
            /**
             * @description Distance from the area's top edge down to the centre.
             * @default 100000
             */
            down: components["schemas"]["DesignDistance"];
            /**
             * @description Gap between the ends: whatever the letters leave; a word space, with letters spaced evenly to close the ring; or a given length.
             * @default own
             * @enum {unknown}
             */
            ends: "own" | "even" | "gap";
            /**
             * @description Between the ends, measured half way up the letters.
             * @default 10000
             */
            gap: components["schemas"]["DesignDistance"];
        };
        DesignRows: {
            /**
             * @description From baseline to baseline, in percent of the height of the letter H.
             * @default 140
             */
            spacing: number;
            /**
             * @description Whether all rows are made as wide as the widest, and how: by the size of their letters, or by their spacing.
             * @default own
             * @enum {unknown}
             */
            widths: "own" | "by size" | "by spacing";
        };
        /** @description Knocks the card out of others. */
        DesignSetInto: {
            /**
             * @description Into the cards that are named, or into all that it lies on.
             * @default none
             * @enum {unknown}
             */
            into: "none" | "cards" | "all";
            /**
             * @description What it is knocked out of.
             * @default []
             */
            cards: components["schemas"]["DesignId"][];
            /** @default 1000 */
            clearance: number;
            /**
             * @default round
             * @enum {unknown}
             */
            corner: "round" | "pointed" | "flat";
            /**
             * @description Whether the inset is cut as well, or only its shape is left open.
             * @default true
             */
            keep: boolean;
        };
        /** @description A shadow: the shape shifted, or drawn out to a side. */
        DesignShadow: {
            /**
             * @default none
             * @enum {unknown}
             */
            kind: "none" | "all round" | "shifted" | "block";
            /**
             * @description Where it falls, in degrees clockwise from the right.
             * @default 45
             */
            angle: number;
            /** @default 5000 */
            length: number;
            /**
             * @description Between it and the lettering; at 0 it runs on beneath.
             * @default 0
             */
            gap: number;
            /** @default  */
            film: string;
            /**
             * @description What it surrounds as one shape: the card, its group, or everything.
             * @default own
             * @enum {unknown}
             */
            around: "own" | "group" | "all";
        };
        /** @description The kind of a basic shape, and what shapes it. Measures that its kind does not have are kept and without meaning. */
        DesignShape: {
            /** @enum {unknown} */
            kind: "circle" | "ring" | "rectangle" | "polygon" | "star" | "heart" | "shield" | "pennant" | "ribbon" | "arch" | "label";
            /**
             * @description The radius of a rectangle's corners; of a label's, cut into it.
             * @default 0
             */
            corner: number;
            /**
             * @description Band width of a ring, an arch or a ribbon.
             * @default 8000
             */
            band: components["schemas"]["DesignExtent"];
            /**
             * @description The corners of a polygon, the points of a star.
             * @default 5
             */
            count: number;
            /**
             * @description Depth of a star's points, a pennant's notch or a ribbon's bow, in percent.
             * @default 50
             */
            depth: number;
        };
        DesignShare: number;
        DesignSize: {
            /**
             * @description Dimension the length refers to: ink width, ink height or cap height; for area, the margin left when the line is fitted to the placement area. With both, length is the width and high the height; with share, the line covers that share of its circle; with turns, that number of turns of its spiral.
             * @enum {unknown}
             */
            by: "width" | "height" | "letter" | "area" | "both" | "share" | "turns";
            length: number;
            /**
             * @description The height of the ink, where it has both a width and a height.
             * @default 20000
             */
            high: number;
            /**
             * @description Share of a ring or brim that the line covers, in percent of the full circle.
             * @default 50
             */
            share: number;
            /**
             * @description Number of turns of the spiral, if sized by turns.
             * @default 2
             */
            turns: number;
            /**
             * stretch
             * @description The width in percent of what the font's proportions give.
             * @default 100
             */
            stretch: number;
        };
        /** @description A spiral with even pitch, clockwise, the letters' tops outwards. Sized by width or height it is the outer size that is given. */
        DesignSpiral: {
            /**
             * @description The radius of the middle that is left free.
             * @default 10000
             */
            inner: components["schemas"]["DesignExtent"];
            /**
             * @description From turn to turn, in percent of the height that the line's ink has when straight.
             * @default 115
             */
            pitch: number;
            /**
             * @description Where the reading starts.
             * @default outside
             * @enum {unknown}
             */
            from: "outside" | "inside";
            /** @default 0 */
            across: components["schemas"]["DesignDistance"];
            /** @default 100000 */
            down: components["schemas"]["DesignDistance"];
        };
        /** @description A place of its own on the area. */
        DesignSpot: {
            /**
             * @description Offset of its centre from the area's top centre, to the right.
             * @default 0
             */
            across: components["schemas"]["DesignDistance"];
            /**
             * @description Distance from the area's top edge down to its centre.
             * @default 100000
             */
            down: components["schemas"]["DesignDistance"];
            /**
             * @description In degrees, clockwise as worn.
             * @default 0
             */
            turn: number;
        };
        /** @description Where a line that has no place of its own stands in the stack of lines. */
        DesignStacking: {
            /**
             * @description From the ink of the line above; for the first line from the edge of the area that the lines stand at (without meaning when they stand in its middle).
             * @default 0
             */
            gap: components["schemas"]["DesignDistance"];
            /**
             * @description Closes up to the line above until the gap is the least distance between their real shapes, wherever that is.
             * @default false
             */
            tight: boolean;
            /**
             * @description To the right of where the alignment puts the line.
             * @default 0
             */
            shift: components["schemas"]["DesignDistance"];
            /**
             * @description Alignment reference, by ink: the placement area, or the line above (the area for the first line).
             * @default area
             * @enum {unknown}
             */
            alignTo: "area" | "above";
        };
        /** @description Live treatments of a card's shape. */
        DesignTreatments: {
            /**
             * group
             * @description Cards of one group keep their places to each other and are outlined together.
             * @default
             */
            group: string;
            /**
             * cut-away pieces
             * @description Pieces taken out.
             * @default []
             */
            erased: components["schemas"]["DesignErasure"][];
            /** @default [] */
            copies: components["schemas"]["DesignCopies"];
            /**
             * outline
             * @description Rims, from the inside out.
             * @default []
             */
            outlines: components["schemas"]["DesignRim"][];
            /** @default [] */
            shadow: components["schemas"]["DesignShadow"];
            /** @default [] */
            inline: components["schemas"]["DesignInline"];
            /** @default [] */
            setInto: components["schemas"]["DesignSetInto"];
            /** @default [] */
            cutFrom: components["schemas"]["DesignCutFrom"];
        };
        DesignWeeding: {
            /**
             * shape of the frames
             * @description Frame cut around a layer: a rectangle, or an outline that follows the ink.
             * @default rectangle
             * @enum {unknown}
             */
            frame: "rectangle" | "hugging";
            /**
             * what has a frame of its own
             * @description All layers have the same frame, or each layer, each group of a layer or each card of a layer one of its own.
             * @default design
             * @enum {unknown}
             */
            around: "design" | "layer" | "group" | "card";
            /**
             * @description Margins of a rectangular frame, as worn.
             * @default []
             */
            margins: {
                /**
                 * left margin of the frames
                 * @default 6000
                 */
                left: components["schemas"]["DesignMargin"];
                /**
                 * right margin of the frames
                 * @default 6000
                 */
                right: components["schemas"]["DesignMargin"];
                /**
                 * top margin of the frames
                 * @default 6000
                 */
                top: components["schemas"]["DesignMargin"];
                /**
                 * bottom margin of the frames
                 * @default 6000
                 */
                bottom: components["schemas"]["DesignMargin"];
            };
            /**
             * distance of the hugging frames
             * @description Distance of a hugging frame from the ink.
             * @default 4000
             */
            distance: components["schemas"]["DesignMargin"];
            /**
             * relief cuts
             * @description Whether the waste is parted into strips that come away in one pull.
             * @default false
             */
            relief: boolean;
            /**
             * layers that hold together
             * @description Whether pieces of a lower film are joined where an upper one hides it.
             * @default false
             */
            together: boolean;
        };
        /** @description A variant with fewer films, and its film need. */
        FewerFilmsProposal: {
            /** @description Changes made; empty for the design as it is. */
            say: string;
            films: number;
            /** @description Length of film in µm. */
            filmLength: number;
            presses: number;
            toWeed: number;
            /**
             * Format: float
             * @description Film cost by the rack’s prices; null if a price is missing.
             */
            cost: number | null;
            sheet: components["schemas"]["Sheet"];
            document: components["schemas"]["Design"];
        };
        /** @description A film with the pieces laid out on it, blade side up. Lengths are in µm, areas in mm². */
        FilmLayoutCard: {
            /** @description Film id. */
            film: string;
            name: string;
            colour: string;
            finish: string;
            width: number;
            /** @enum {string} */
            state: "waiting" | "brief" | "running" | "done";
            /**
             * Format: float
             * @description Search time so far.
             */
            seconds: number;
            /** @description Roll length needed. */
            length: number;
            /** @description Roll length needed when frames are packed as boxes. */
            boxes: number;
            /**
             * Format: float
             * @description Share of the used film that frames cover.
             */
            covered: number;
            /** @description Names of pieces that do not fit. */
            left: string[];
            /**
             * Format: float
             * @description Price per metre; 0 if unknown.
             */
            price: number;
            /** @description Length left on the roll. */
            stock: number;
            /** @description Scraps in use, then the roll. */
            stocks: components["schemas"]["LaidStock"][];
            /** @description Path data of each layer by shape key. */
            shapes: {
                [key: string]: components["schemas"]["LaidShape"];
            };
            pieces: components["schemas"]["LaidPieceCard"][];
            /** @description Allowed rotations in degrees. */
            turns: number[];
            /** @description Gap between frames. */
            gap: number;
            /** @description Carrier mat, and where this film’s zone begins on it; null if the film is cut without the mat. */
            mat: {
                width: number;
                length: number;
                edge: number;
                from: number;
            } | null;
            /** @description Pieces that would fit on scraps of other films if this one runs short. */
            substitutes: components["schemas"]["SubstituteCard"][];
        };
        /** @description A font of the type case. */
        FontCard: {
            id: string;
            name: string;
            /** @description Kind of lettering. */
            use: string;
            licence: string;
            /** @description Whether the shop added it. */
            own: boolean;
            /** @description Whether its lower-case letters join. */
            joins: boolean;
            /**
             * Format: float
             * @description Thinnest stroke as a share of the cap height.
             */
            thin: number;
            /**
             * Format: float
             * @description Usual stroke as a share of the cap height.
             */
            stem: number;
            alternates: string[];
            accents: number;
            variable: boolean;
            /** @description Whether its licence allows embedding in files. */
            embeddable: boolean;
        };
        /** @description A rectangle on the stage: µm from the middle of the placement area's top edge, y down. */
        Frame: {
            left: number;
            top: number;
            width: number;
            height: number;
        };
        /** @description A glyph of a font, shown in the picker. */
        GlyphCard: {
            glyph: number;
            name: string;
            /** @description SVG path data, y down. */
            path: string;
            left: number;
            top: number;
            width: number;
            height: number;
        };
        /** @description A handle on an edge that a line fills. */
        HandleEdge: {
            /** @enum {string} */
            edge: "top" | "bottom";
            /** @enum {string} */
            at: "left" | "middle" | "right";
            x: number;
            y: number;
            /**
             * Format: float
             * @description Direction of the line there, in degrees clockwise.
             */
            heading: number;
        };
        /** @description A point in a design's history. */
        HistoryStep: {
            number: number;
            /** @description Previous step; 0 for the first. */
            parent: number;
            name: string | null;
            /** Format: date-time */
            madeAt: string;
            /** @description Whether this is the current step. */
            current: boolean;
            /** @description Address of an SVG picture that never changes. */
            picture: string;
        };
        /** @description A job on the rail. */
        JobCard: {
            id: string;
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @enum {string} */
            state: "to design" | "to approve" | "to cut" | "to press" | "done";
            /** @description Number of blanks to press. */
            quantity: number;
            archived: boolean;
            people: components["schemas"]["PeopleCount"] | null;
            designs: components["schemas"]["DesignCard"][];
        };
        /** @description Quantity of a blank in one size. */
        JobItem: {
            blank: string;
            size: string;
            quantity: number;
        };
        /** @description A whole job. */
        JobSheet: {
            id: string;
            version: number;
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @enum {string} */
            state: "to design" | "to approve" | "to cut" | "to press" | "done";
            archived: boolean;
            /**
             * Format: float
             * @description Price of the whole job; 0 if none is agreed.
             */
            price: number;
            people: components["schemas"]["PeopleCount"] | null;
            items: components["schemas"]["JobItem"][];
            designs: components["schemas"]["JobSheetDesign"][];
            removed: components["schemas"]["DesignName"][];
        };
        /** @description A design on its job’s sheet. */
        JobSheetDesign: {
            card: components["schemas"]["DesignCard"];
            version: number;
            approval: components["schemas"]["Approval"] | null;
            /** Format: date-time */
            savedAt: string;
            /** @description For a design that can’t be read: the latest history step that can. */
            backup: number | null;
        };
        /** @description Totals of a job: film, time and cost. Lengths are in µm. */
        JobSum: {
            films: components["schemas"]["JobSumFilm"][];
            /** @description Number of pieces pressed. */
            pieces: number;
            /** @description Number of people on the list of names; 0 without a list. */
            people: number;
            /** @description Cutting time in seconds. */
            cut: number;
            /** @description Weeding time in seconds. */
            weed: number;
            /** @description Pressing time in seconds. */
            press: number;
            /** @description Pieces of waste to pick out. */
            toWeed: number;
            /**
             * Format: float
             * @description Film cost.
             */
            film: number;
            /**
             * Format: float
             * @description Hourly rate; 0 if none is set.
             */
            rate: number;
            /**
             * Format: float
             * @description Cost of film and work; null if the shop has no hourly rate.
             */
            cost: number | null;
        };
        /** @description A job's need of one film. Lengths are in µm. */
        JobSumFilm: {
            id: string;
            name: string;
            colour: string;
            /** @description Length with copies in rows; nesting often needs less. */
            length: number;
            /** Format: float */
            cost: number;
            /** @description Length left on the roll. */
            stock: number;
            /** @description Missing length. */
            short: number;
        };
        /** @description A piece of a layout. Lengths are in µm. */
        LaidPieceCard: {
            /** @description Index among the pieces. */
            number: number;
            /** @description Number cut beside it, the same on all films. */
            mark: number;
            design: string;
            /** @description Shape key. */
            shape: string;
            name: string;
            copy: number;
            /** @description Roll or scrap it is on; empty if not laid out yet. */
            stock: string;
            /** @description In degrees. */
            turn: number;
            /** @description Left edge, across the film. */
            x: number;
            /** @description Lower edge, along the film. */
            y: number;
            /** @description Size across the film as placed. */
            wide: number;
            /** @description Size along the film as placed. */
            high: number;
            /** @description SVG matrix from its shape to the film: x along it, y across it. */
            matrix: number[];
            pinned: boolean;
            /** @description Whether it is not laid out yet or its design changed since. */
            stale: boolean;
        };
        /** @description Shape of a layer, shared by its copies: SVG path data in µm, y up. */
        LaidShape: {
            ink: string;
            frame: string;
        };
        /** @description A roll or scrap used by a layout. Lengths are in µm. */
        LaidStock: {
            id: string;
            /** @enum {string} */
            kind: "roll" | "sheet" | "scrap";
            width: number;
            /** @description Length in use of a roll. */
            length: number;
            /** @description SVG path data: x along the film, y across it; empty for the roll. */
            outline: string;
        };
        /** @description Bounds of a letter of a line. */
        LetterFrame: {
            /** @description Index in the words, from 0. */
            at: number;
            frame: components["schemas"]["Frame"];
        };
        /** @description The cutter and the film in it. Lengths are in µm. */
        LoadedCutter: {
            /** @enum {string} */
            state: "ready" | "cutting" | "held" | "jammed" | "out of film";
            /** @description Id of the loaded film. */
            film: string;
            filmName: string;
            width: number;
            /** @description Length of film left. */
            left: number;
            /**
             * @description Which side is up.
             * @enum {string}
             */
            side: "carrier down" | "carrier up";
            /** @description Blade angle in degrees. */
            blade: number;
            /** @description Blade offset. */
            offset: number;
        };
        /** @description What is too thin to cut or too small to weed. */
        Losses: {
            /** @description SVG path data in µm of everything too thin or too small, y down. */
            path: string;
            snags: components["schemas"]["SheetSnag"][];
        };
        MarkPeople: {
            /** @description Ids of the people. */
            people: string[];
            /** @enum {string} */
            state?: "to cut" | "cut" | "weeded" | "pressed";
        };
        /** @description Letters moved so that they join, and the changes made. */
        MendedJoins: {
            letters: components["schemas"]["DesignLetter"][];
            said: string[];
        };
        /** @description One piece of a motif on the stage. */
        MotifPieceCard: {
            /** @description Index of its colour. */
            colour: number;
            /** @description X of a point inside it as drawn, in ten-thousandths of the motif’s width from its centre. */
            x: number;
            /** @description Y of that point below the centre, in ten-thousandths of the motif’s height. */
            y: number;
            /** @description SVG path data in µm, y down. */
            path: string;
            /** @description Size as drawn, in µm. */
            width: number;
            height: number;
            /** @description Film it is cut from; empty if it is left out. */
            film: string;
            /** @description Its own settings; null if it has none. */
            id: string | null;
        };
        /** @description A job to add to the rail. */
        NewJob: {
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @description Id of one of the shop’s blanks. */
            blank: string;
            quantity: number;
        };
        /** @description A design opened on the Bench. */
        OpenDesign: {
            id: string;
            jobId: string;
            jobTitle: string;
            version: number;
            /** Format: date-time */
            savedAt: string;
            /** @description Current history step. */
            step: number;
            canUndo: boolean;
            canRedo: boolean;
            approval: components["schemas"]["Approval"] | null;
            /** @description All designs of the job, including this one. */
            siblings: components["schemas"]["DesignName"][];
            document: components["schemas"]["Design"];
            sheet: components["schemas"]["Sheet"];
        };
        /** @description Number of people of a job’s list by state. */
        PeopleCount: {
            toCut: number;
            cut: number;
            weeded: number;
            pressed: number;
        };
        /** @description A row of a list of names. */
        PersonRow: {
            id: string;
            /** @description Cells by column. */
            values: {
                [key: string]: string;
            };
            /** @description Settings for this person only, by line. */
            own: {
                [key: string]: Record<string, never>;
            };
            /** @enum {string} */
            state: "to cut" | "cut" | "weeded" | "pressed";
            /** @description Whether the row changed since the customer approved it. */
            changed: boolean;
        };
        /** @description Number of a blank to press. */
        PressCount: {
            blank: string;
            quantity: number;
        };
        /** @description Name of a design to press. */
        PressDesignName: {
            id: string;
            name: string;
            /** @description Design id. */
            job: string;
            /** @description Job id. */
            title: string;
        };
        /** @description A person or identical pieces in the press queue. */
        PressQueueRow: {
            id: string;
            name: string;
            /** @description Size, if any. */
            about: string;
            /** @description Number of identical pieces. */
            count: number;
            /** @enum {string} */
            state: "to cut" | "cut" | "weeded" | "pressed";
            /**
             * Format: date-time
             * @description Waiting since.
             */
            at: string | null;
        };
        /** @description Everything that At the press shows for one piece. */
        PressSheet: {
            design: string;
            name: string;
            /** @description Design id. */
            job: string;
            /** @description Job id. */
            title: string;
            rows: components["schemas"]["PressQueueRow"][];
            /** @description Person shown; empty if there is none. */
            row: string;
            steps: components["schemas"]["PressStepCard"][];
            /** @description Time for one piece, including handling between steps. */
            seconds: number;
            /** @description SVG document: the garment with platen and distances. */
            picture: string;
            platen: string;
            /** @description Id of the press in use. */
            press: string;
            /** @description The shop’s presses; none if nothing is heated. */
            presses: {
                id: string;
                name: string;
            }[];
            /** @description Edge that distances are measured from; empty if there is none. */
            measure: string;
            problem: string | null;
            notes: string[];
        };
        /** @description One step at the press. */
        PressStepCard: {
            title: string;
            hint: string;
            /** @description In °C; null if nothing is heated. */
            temperature: number | null;
            /** @description 0 for a manual step. */
            seconds: number;
            /** @description Seconds in every section after the first. */
            later: number;
            /** @enum {string|null} */
            pressure: "light" | "medium" | "firm" | null;
            /** @description Number of sections. */
            sections: number;
        };
        /** @description The pressed layers of a design. Lengths are in µm. */
        Pressed: {
            layers: components["schemas"]["PressedLayer"][];
            /** @description Places with the same stack of films. */
            stacks: components["schemas"]["PressedStack"][];
            /** @description Total thickness at the thickest place. */
            thickest: number;
            /** @description The largest number of stacked films. */
            most: number;
            /** @description The shop’s limit. */
            limit: number;
        };
        /** @description A film's layer, as pressed on the blank. */
        PressedLayer: {
            film: string;
            /** @description SVG path data in µm from the middle of the area’s top edge, y down. */
            path: string;
        };
        /** @description A place with the same stack of films. */
        PressedStack: {
            /** @description Bottom film first. */
            films: string[];
            /** @description Total thickness, in µm. */
            thickness: number;
            path: string;
        };
        /** @description Why a request failed, in words for the user (RFC 9457). */
        Problem: {
            title: string;
            detail: string;
            /** @description Invalid field of the document, like lines/0/words; empty if it is none. */
            path: string;
        };
        /** @description A film on the rack, with its version. */
        RackEntry: {
            /** @description Increases with every change; 0 if not saved yet. */
            version: number;
            entry: components["schemas"]["RackFilm"];
        };
        /**
         * RackFilm
         * @description A film on the shop's rack: what designs take of it, what the shop has of it, and how it is cut and pressed.
         */
        RackFilm: {
            film: components["schemas"]["DesignFilm"];
            /**
             * @description Per metre of the roll; 0 where it is not known.
             * @default 0
             */
            price: number;
            /**
             * @description What is left of the roll, in µm.
             * @default 0
             */
            stock: number;
            /**
             * @description How frames may be turned on it: freely, by 180° only (patterned or brushed film), or not at all.
             * @default any
             * @enum {unknown}
             */
            direction: "any" | "lengthwise" | "one way";
            /**
             * @description How the cutter is set for it.
             * @default []
             */
            cut: {
                /**
                 * @description The blade's angle in degrees.
                 * @default 45
                 * @enum {unknown}
                 */
                blade: 30 | 45 | 60;
                /**
                 * @description In grams.
                 * @default 90
                 */
                force: number;
                /**
                 * @description In mm/s.
                 * @default 300
                 */
                speed: number;
                /** @default 1 */
                passes: number;
                /**
                 * @description The mat that it is laid on for the cutter; most films need none beside their carrier.
                 * @default none
                 * @enum {unknown}
                 */
                mat: "none" | "low tack" | "high tack";
                /**
                 * @description The last test cut with these settings.
                 * @default []
                 */
                tested: {
                    /**
                     * @description The day; empty where there was none.
                     * @default
                     */
                    on: string;
                    /** @default false */
                    good: boolean;
                };
            };
            /**
             * @description How it is pressed.
             * @default []
             */
            press: {
                /**
                 * @description In °C.
                 * @default 150
                 */
                temperature: number;
                /** @default 12 */
                seconds: number;
                /**
                 * @default medium
                 * @enum {unknown}
                 */
                pressure: "light" | "medium" | "firm";
                /**
                 * @default warm
                 * @enum {unknown}
                 */
                peel: "hot" | "warm" | "cold";
            };
        };
        /** @description A page of jobs, and the day’s work. */
        Rail: {
            /** @description Changes whenever anything on the rail changes. */
            stamp: string;
            jobs: components["schemas"]["JobCard"][];
            /** @description Total number of jobs in the list; this page has some of them. */
            found: number;
            /** @description Number of jobs on the rail. */
            hanging: number;
            /** @description Number of jobs done but not archived. */
            done: number;
            archived: number;
            day: components["schemas"]["DayWork"];
        };
        /** @description A picture read as the artwork of a motif. */
        ReadArtwork: {
            /** @description Bounds of the visible shapes, in units of the paths. */
            width: number;
            height: number;
            /** @description Colours found, without films yet. */
            colours: components["schemas"]["DesignMotifColour"][];
            /** @description What was left out, as sentences. */
            notes: string[];
        };
        /** @description A file or pasted cells as a table, with the likely list column for each of its columns. */
        ReadTable: {
            /** @description Empty if the first row is a person. */
            titles: string[];
            /** @description Target column for each table column; empty to skip it. */
            columns: string[];
            rows: string[][];
        };
        /** @description A job’s list of names, its doubts, and the designs that use it. */
        Roster: {
            /** @description 0 if the job has no list yet. */
            version: number;
            /** @description Columns besides name, number, size, blank, quantity and note. */
            columns: string[];
            people: components["schemas"]["PersonRow"][];
            doubts: components["schemas"]["RosterDoubt"][];
            /** @description Sizes of the designs’ blanks. */
            sizes: string[];
            /** @description Designs with fields in their words. */
            designs: components["schemas"]["DesignName"][];
        };
        /** @description A possible mistake in a list of names. */
        RosterDoubt: {
            person: string;
            column: string;
            message: string;
        };
        /** @description A changed design, and the version it was changed from. */
        SaveDesign: {
            version: number;
            document: components["schemas"]["Design"];
            /** @description What was changed, like words:line-1; consecutive changes of the same thing are one history step. */
            change: string;
        };
        SaveRoster: {
            /** @description Version that was changed. */
            version: number;
            columns: string[];
            people: components["schemas"]["PersonRow"][];
        };
        /** @description Response to a save: the new version and the sheet. */
        SavedDesign: {
            version: number;
            /** Format: date-time */
            savedAt: string;
            step: number;
            canUndo: boolean;
            canRedo: boolean;
            sheet: components["schemas"]["Sheet"];
        };
        /** @description A scrap of film. Lengths are in µm. */
        ScrapCard: {
            id: string;
            film: string;
            width: number;
            length: number;
            /** @description SVG path data, y up. */
            outline: string;
            /** @description Whether a cut left it and it is neither kept nor thrown away yet. */
            offered: boolean;
        };
        /** @description Everything the Bench draws of a design, computed from its document. Lengths are in µm. */
        Sheet: {
            area: components["schemas"]["Frame"];
            /** @description Bounds of the blank’s drawing. */
            blank: components["schemas"]["Frame"];
            ink: components["schemas"]["Frame"] | null;
            parts: components["schemas"]["SheetPart"][];
            layers: components["schemas"]["SheetLayer"][];
            /** @description Joints of touching films. */
            joints: components["schemas"]["SheetJoint"][];
            filmLength: number;
            /** @description Number of waste pieces to pick out. */
            toWeed: number;
            /** @description Room to spare in the tighter direction; negative if it does not fit. */
            spare: number | null;
            snags: components["schemas"]["SheetSnag"][];
            /** @description Scraps of treatments that were tidied away. */
            removals: components["schemas"]["SheetRemoval"][];
        };
        /** @description A one-click change of the snag’s card, or of the blank. */
        SheetFix: {
            say: string;
            /** @description New cap height in µm; null to keep it. */
            letterHeight: number | null;
            /** @description New letter spacing in thousandths of the em; null to keep it. */
            spacing: number | null;
            /** @description New heft (growth on either side of a stroke) in µm; null to keep it. */
            heft: number | null;
            /**
             * @description New treatment of islands; null to keep it.
             * @enum {string|null}
             */
            islands: "keep" | "drop" | "bridge" | "bridge or drop" | null;
            /** @description Card to set it into, if any. */
            into: string | null;
            /** @description Card to bring it in front of, if any. */
            above: string | null;
            /** @description Keep-off place to allow, if any. */
            crosses: string | null;
            /** @description Whether it accepts the new look of an older design. */
            settles: boolean;
        };
        /** @description Handles of a line’s path and edges on the stage. Lengths are in µm, y down. */
        SheetHandles: {
            /** @description SVG path data; empty where the line is straight. */
            path: string;
            middle: components["schemas"]["StagePoint"] | null;
            circle: components["schemas"]["StageCircle"] | null;
            /** @description Ends and middles of both edges; none if the line does not fill anything. */
            edges: components["schemas"]["HandleEdge"][];
        };
        /** @description Joint of two touching films. Lengths are in µm. */
        SheetJoint: {
            /** @description Film pressed first. */
            lower: string;
            upper: string;
            /**
             * @description Kind as made.
             * @enum {string}
             */
            kind: "lay over" | "trapped" | "butted" | "gap";
            /** @description Width of the trap or gap. */
            width: number;
            /**
             * @description Requested kind.
             * @enum {string}
             */
            wanted: "lay over" | "trapped" | "butted" | "gap";
            /** @description Slip tolerance before the blank shows between them. */
            safe: number;
            /** @description Why it differs from the request. */
            reason: string | null;
        };
        /** @description A cut layer in its weeding box, blade side. Lengths are in µm. */
        SheetLayer: {
            film: string;
            /** @description SVG path data in µm from the weeding box’s top left corner, y down. */
            path: string;
            width: number;
            height: number;
            /** @description Origin of its frames on the wear side, y down; a mirrored layer begins at its right there. */
            left: number;
            top: number;
            filmLength: number;
            /** @description Whether it is rotated 90° to fit the roll. */
            turned: boolean;
            fits: boolean;
            pieces: number;
            toWeed: number;
            mirrored: boolean;
            /** @description SVG path data of the registration marks; empty if there are none. */
            marks: string;
            /** @description SVG path data of the frames. */
            frame: string;
            /** @description SVG path data of the relief cuts; empty if there are none. */
            parting: string;
            thickness: number;
            /** @description Slip tolerance before the blank shows; null if it touches no other film. */
            safe: number | null;
            /** @description Why it is pressed later than requested. */
            reason: string | null;
        };
        /** @description A welded line or a form on the stage, wear side. */
        SheetPart: {
            card: string;
            film: string;
            /** @description SVG path data in µm from the middle of the area’s top edge, y down. */
            path: string;
            ink: components["schemas"]["Frame"] | null;
            /** @description Ink width along the baseline before rotation, in µm. */
            width: number;
            height: number;
            /** @description Centre of rotation in µm, y down. */
            middleX: number;
            middleY: number;
            centroid: components["schemas"]["StagePoint"] | null;
            /** @description Cap height in µm. */
            letterHeight: number;
            /** @description The font’s em in µm. */
            em: number;
            /** @description Bounds of each letter’s ink. */
            letters: components["schemas"]["LetterFrame"][];
            /** @description Whether it doesn’t count for the card’s size: letters of another film, or added by a treatment. */
            also: boolean;
            /**
             * Format: float
             * @description Rotation of its frame in degrees clockwise.
             */
            turn: number;
            handles: components["schemas"]["SheetHandles"] | null;
            /** @description Guide only: followed or filled, not cut. */
            guide: boolean;
            /**
             * @description Role within its card.
             * @enum {string}
             */
            role: "base" | "outline" | "shadow" | "inline";
            /** @description Stacking position among all parts, bottom first. */
            depth: number;
        };
        /** @description A scrap of a treatment that was tidied away. Lengths are in µm, y down. */
        SheetRemoval: {
            kind: string;
            card: string;
            film: string;
            /** @enum {string} */
            role: "base" | "outline" | "shadow" | "inline";
            x: number;
            y: number;
            /** @description Whether it was filled rather than removed. */
            fills: boolean;
            /** @description Whether the user keeps it anyway. */
            kept: boolean;
            /** @description SVG path data of the filled or removed area. */
            path: string;
        };
        /** @description A snag with the number on its pin. */
        SheetSnag: {
            number: number;
            kind: string;
            /** @description Whether it would spoil film or garment. */
            blocks: boolean;
            message: string;
            cure: string;
            card: string | null;
            film: string | null;
            /** @description Position on the stage in µm, y down. */
            x: number | null;
            y: number | null;
            /** @description One-click fixes. */
            fixes: components["schemas"]["SheetFix"][];
        };
        /** @description Settings of the shop. */
        Shop: {
            version: number;
            /** @description Empty if none is set yet. */
            name: string;
            /**
             * @description Unit of new designs.
             * @enum {string}
             */
            unit: "mm" | "in";
            weeding: components["schemas"]["ShopWeeding"];
            /** @description Whether the cutter compensates for the blade offset itself; otherwise the knife plan does. */
            compensates: boolean;
            layout: components["schemas"]["ShopLayout"];
            press: components["schemas"]["ShopPress"];
            /**
             * Format: float
             * @description Hourly rate; 0 if none is set.
             */
            rate: number;
        };
        /**
         * Shop blank
         * @description A blank that the shop decorates, in its fabrics and sizes, with the placements of each size. Every length is a whole number of micrometres.
         */
        ShopBlank: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            drawing: components["schemas"]["DesignDrawing"];
            fabrics: components["schemas"]["DesignFabric"][];
            sizes: components["schemas"]["DesignBlankSize"][];
        };
        /** @description The shop's layout settings. Lengths are in µm. */
        ShopLayout: {
            /** @description Gap between frames. */
            gap: number;
            /** @description Unusable margin on both sides of a roll and around a scrap. */
            edge: number;
            /** @description Smallest width of a scrap worth keeping. */
            smallest: number;
            /** @description Search time. */
            seconds: number;
            /** @description Whether a small number is cut into the waste beside each piece. */
            numbers: boolean;
            /** @description The carrier mat. */
            mat: {
                width: number;
                length: number;
                /** @description Margin kept free all round. */
                edge: number;
            };
            /** @description Sheet size; 0 × 0 if films come on rolls. */
            sheet: {
                width: number;
                length: number;
            };
        };
        /** @description The presses of the shop. Lengths are in µm. */
        ShopPress: {
            presses: {
                id: string;
                name: string;
                /** @enum {string} */
                kind: "flat" | "cap" | "sleeve" | "small" | "iron";
                /** @description Platen size. */
                width: number;
                height: number;
            }[];
            /** @description Overlap of sections. */
            overlap: number;
        };
        /** @description The shop's weeding times in seconds (docs/cutting.md). */
        ShopWeeding: {
            /**
             * Format: float
             * @description Per layer, to start and check.
             */
            begin: number;
            /**
             * Format: float
             * @description Per metre of outline.
             */
            metre: number;
            /**
             * Format: float
             * @description Per place where the waste is too narrow to grip.
             */
            neck: number;
            /**
             * Format: float
             * @description Per hole.
             */
            hole: number;
            /**
             * Format: float
             * @description Extra for a hole too small for the hook.
             */
            small: number;
            /**
             * Format: float
             * @description Per thin stroke.
             */
            stroke: number;
        };
        /** @description A design on one size of its blank. Lengths are in µm. */
        SizedDesign: {
            size: string;
            /** @description Whether the design was made on this size. */
            own: boolean;
            /** @description Whether this size has the placement. */
            placed: boolean;
            /** @description Bounds of the whole blank as drawn. */
            width: number;
            height: number;
            /** @description Room to spare in the tighter direction; negative if it does not fit. */
            spare: number | null;
            /** @description By card: the line’s driving dimension, or the width of a form or motif. */
            measures: {
                [key: string]: number;
            };
            /** @description An SVG document. */
            picture: string;
        };
        /** @description What shows when a film is pressed off register. Lengths are in µm, y down. */
        SlipResult: {
            film: string;
            dx: number;
            dy: number;
            /** @description SVG path data of the blank showing between films. */
            bare: string;
            /** @description SVG path data of a film showing that should be covered. */
            wrong: string;
            /**
             * Format: float
             * @description Area of blank showing, in mm².
             */
            bareArea: number;
            /**
             * Format: float
             * @description Area of film showing, in mm².
             */
            wrongArea: number;
            /** @description Width of the widest such place. */
            widest: number;
            /** @description Trap needed to hide the blank; 0 if it does not show. */
            needs: number;
            /** @description Slip tolerance in any direction before the blank shows. */
            safe: number;
        };
        Spot: {
            /** @description Whether it keeps its position when the rest is laid out again. */
            pinned?: boolean;
            /** @description Roll or scrap. */
            stock: string;
            /** @description In degrees, anticlockwise. */
            turn: number;
            /** @description Left edge, across the film. */
            x: number;
            /** @description Lower edge, along the film. */
            y: number;
        };
        /** @description A circle of the stage, in µm, y down. */
        StageCircle: {
            x: number;
            y: number;
            radius: number;
        };
        /** @description A point of the stage, in µm, y down. */
        StagePoint: {
            x: number;
            y: number;
        };
        /** @description Changes with every change. */
        Stamp: {
            stamp: string;
        };
        /** @description A scrap of another film that would take pieces when their film runs short. Lengths are in µm. */
        SubstituteCard: {
            /** @description Name of the film. */
            film: string;
            width: number;
            length: number;
            /** @description Number of pieces. */
            pieces: number;
        };
        /** @description A line in another font, at the same ink width. */
        TryOut: {
            font: string;
            /** @description SVG path data in µm, y down. */
            path: string;
            frame: components["schemas"]["Frame"] | null;
            /** @description Thinnest stroke at this size, in µm. */
            thinnest: number;
            toWeed: number;
            snags: string[];
        };
        /** @description The shop’s default layering of films. */
        UsualLayering: {
            layering: components["schemas"]["DesignLayering"];
        };
        /** @description An alternate of one letter, shown in its word. */
        WordForm: {
            features: string[];
            /** @description SVG path data, y down. */
            path: string;
            width: number;
            height: number;
            left: number;
            top: number;
        };
    };
    responses: never;
    parameters: never;
    requestBodies: never;
    headers: never;
    pathItems: never;
}
export type $defs = Record<string, never>;
export interface operations {
    readArtwork: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "image/svg+xml": string;
            };
        };
        responses: {
            /** @description Its shapes by colour. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadArtwork"];
                };
            };
            /** @description It can’t be read; the detail says why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listBlanks: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The blanks with their sizes and placements. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlankEntry"][];
                };
            };
        };
    };
    saveBlank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["BlankEntry"];
            };
        };
        responses: {
            /** @description Saved; version 0 creates a new one. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlankEntry"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was saved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Not a valid blank; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    removeBlank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Removed; designs keep their copy. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlankEntry"];
                };
            };
        };
    };
    showCutRoom: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The cutter (null while it doesn’t respond) and the cuts. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutRoom"];
                };
            };
        };
    };
    showCutLayers: {
        parameters: {
            query?: {
                copies?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Its layers as placed on their films. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutLayerCard"][];
                };
            };
        };
    };
    startCut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    design: string;
                    film: string;
                    copies?: number;
                    /** @description Numbers of the only pieces to cut. */
                    pieces?: number[];
                };
            };
        };
        responses: {
            /** @description Queued for the cutter. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutRunCard"];
                };
            };
            /** @description The cutter is not ready; the detail says what to do. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    startTestCut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Queued for the cutter. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutRunCard"];
                };
            };
            /** @description The cutter is not ready; the detail says what to do. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    markTestCut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
                how: "good" | "bad";
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Noted on the film rack with its date. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    steerCut: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                act: "go" | "pause" | "cancel";
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Passed on to the worker. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutRunCard"];
                };
            };
        };
    };
    openDesign: {
        parameters: {
            query?: {
                /** @description Person whose sheet to return. */
                person?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The document and everything computed from it. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenDesign"];
                };
            };
            /** @description There is no such design. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    saveDesign: {
        parameters: {
            query?: {
                /** @description Person whose sheet to return. */
                person?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveDesign"];
            };
        };
        responses: {
            /** @description Saved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SavedDesign"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was saved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Not a valid design; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    removeDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Removed from its job; it can be restored. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    moveInHistory: {
        parameters: {
            query: {
                version: number;
                /** @description Person whose sheet to return. */
                person?: string;
            };
            header?: never;
            path: {
                id: string;
                way: "undo" | "redo";
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The current design; unchanged at the end of the history. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenDesign"];
                };
            };
            /** @description It was changed elsewhere since that version. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listHistory: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description All steps, latest first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HistoryStep"][];
                };
            };
        };
    };
    goToStep: {
        parameters: {
            query: {
                version: number;
                /** @description Person whose sheet to return. */
                person?: string;
            };
            header?: never;
            path: {
                id: string;
                number: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The current design. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["OpenDesign"];
                };
            };
            /** @description It was changed elsewhere since that version. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    nameStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                number: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "text/plain": string;
            };
        };
        responses: {
            /** @description Named; an empty name removes it. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["HistoryStep"];
                };
            };
        };
    };
    tryDesign: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Design"];
            };
        };
        responses: {
            /** @description The sheet of a design that is not saved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Sheet"];
                };
            };
        };
    };
    compareDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    base: components["schemas"]["Design"];
                    ours: components["schemas"]["Design"];
                };
            };
        };
        responses: {
            /** @description Changes on either side since the base, and both merged. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Comparison"];
                };
            };
        };
    };
    listFonts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The type case. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FontCard"][];
                };
            };
        };
    };
    addFont: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            /** @description Added to the type case and ready to use. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["AddedFont"];
                };
            };
            /** @description Not a usable font; the detail says why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listGlyphs: {
        parameters: {
            query: {
                search: string;
                /** @description Number of glyphs to skip. */
                after: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Up to 120 glyphs that match the search, those without a character first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["GlyphCard"][];
                };
            };
        };
    };
    listJobs: {
        parameters: {
            query?: {
                list?: "rail" | "done" | "archived";
                /** @description Text found in title, customer, state, words, blanks or films. */
                find?: string;
                /** @description Number of jobs to skip. */
                from?: number;
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Jobs of a list: next due first on the rail, latest first elsewhere. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Rail"];
                };
            };
        };
    };
    openJob: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["NewJob"];
            };
        };
        responses: {
            /** @description Added to the rail with an empty design. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobCard"];
                };
            };
            /** @description Something is missing; nothing was created. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    showJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The job with its items and designs. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
            /** @description There is no such job. */
            404: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    changeJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["ChangeJob"];
            };
        };
        responses: {
            /** @description Changed. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was changed. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Something is missing; nothing was changed. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sumJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Film, time and cost. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSum"];
                };
            };
        };
    };
    duplicateJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** Format: date */
                    due: string;
                };
            };
        };
        responses: {
            /** @description A copy of the job, due on that day. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    archiveJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Archived; nothing is lost. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    reopenJob: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Restored to the rail. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    addDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    blank: string;
                    placement: string;
                };
            };
        };
        responses: {
            /** @description An empty design on that placement. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignName"];
                };
            };
            /** @description The shop has no such blank. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    openDesignFile: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/zip": string;
            };
        };
        responses: {
            /** @description The file’s design, added to this job. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignName"];
                };
            };
            /** @description Not a design file; nothing was imported. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    duplicateDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description A copy in the same job. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignName"];
                };
            };
        };
    };
    restoreDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Restored to its job. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    approveDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    version: number;
                    by: string;
                };
            };
        };
        responses: {
            /** @description Approved at its exact history step. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Approval"];
                };
            };
            /** @description The design changed since that version, so it is not what was approved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    withdrawApproval: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description No longer approved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobSheet"];
                };
            };
        };
    };
    listLayouts: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Films with a layout. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FilmLayoutCard"][];
                };
            };
        };
    };
    layOut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    items: {
                        design: string;
                        copies: number;
                    }[];
                    /** @description Whether all films go in zones of the carrier mat. */
                    onMat?: boolean;
                };
            };
        };
        responses: {
            /** @description Layout started; it replaces the previous one. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FilmLayoutCard"][];
                };
            };
            /** @description A design can’t be cut yet; the detail says why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    steerLayout: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
                /** @description again: lay out all but pinned pieces; changed: only pieces whose design changed; stop: keep the best layout so far */
                act: "again" | "changed" | "stop";
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The current layout. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FilmLayoutCard"];
                };
            };
        };
    };
    tryPiece: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
                number: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Spot"];
            };
        };
        responses: {
            /** @description Pieces it would touch there. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": {
                        touches: number[];
                        /** @description Whether it is on usable film there. */
                        inside: boolean;
                    };
                };
            };
        };
    };
    movePiece: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
                number: number;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Spot"];
            };
        };
        responses: {
            /** @description Moved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FilmLayoutCard"];
                };
            };
            /** @description It doesn’t fit there; the detail says why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    cutLayout: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                film: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description The roll or a scrap. */
                    stock: string;
                };
            };
        };
        responses: {
            /** @description Queued for the cutter. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["CutRunCard"];
                };
            };
            /** @description The cutter is not ready; the detail says what to do. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listLetterForms: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    document: components["schemas"]["Design"];
                    line: string;
                    at: number;
                };
            };
        };
        responses: {
            /** @description The letter’s word with each alternate of the font. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["WordForm"][];
                };
            };
        };
    };
    tryOut: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    document: components["schemas"]["Design"];
                    line: string;
                    fonts: string[];
                };
            };
        };
        responses: {
            /** @description The line in each font at its current ink width. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["TryOut"][];
                };
            };
        };
    };
    findLosses: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Strokes too thin for their film and holes too small to weed. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Losses"];
                };
            };
        };
    };
    mendJoins: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    document: components["schemas"]["Design"];
                    line: string;
                };
            };
        };
        responses: {
            /** @description Letter settings that make all letters join, and what was moved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MendedJoins"];
                };
            };
        };
    };
    listMeasures: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                drawing: components["schemas"]["DesignDrawing"];
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Measures to take on such a blank, in order. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlankMeasure"][];
                };
            };
        };
    };
    measureBlank: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                drawing: components["schemas"]["DesignDrawing"];
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description Name of the size. */
                    size: string;
                    /** @description Measures by name, in µm. */
                    measures: {
                        [key: string]: number;
                    };
                };
            };
        };
        responses: {
            /** @description The size with its usual areas and keep-off places; not saved yet. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignBlankSize"];
                };
            };
            /** @description A measure is missing or impossible; `path` names it. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    sizesBetween: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    /** @description First size. */
                    from: string;
                    /** @description Last size. */
                    to: string;
                    /** @description Names of the sizes between, from first to last. */
                    names: string[];
                };
            };
        };
        responses: {
            /** @description The sizes between in even steps; not saved yet. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignBlankSize"][];
                };
            };
            /** @description The blank lacks one of the two sizes. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    motifPieces: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    document: components["schemas"]["Design"];
                    motif: string;
                };
            };
        };
        responses: {
            /** @description The current pieces of a motif, relative to its centre and before rotation. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["MotifPieceCard"][];
                };
            };
        };
    };
    listNames: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The list; empty at first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Roster"];
                };
            };
        };
    };
    saveNames: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["SaveRoster"];
            };
        };
        responses: {
            /** @description Saved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Roster"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was saved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Not a valid list; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    readTable: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/octet-stream": string;
            };
        };
        responses: {
            /** @description A CSV or XLSX file, or cells copied from a spreadsheet, as a table. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadTable"];
                };
            };
            /** @description It can’t be read; the detail says which row and why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    contactSheet: {
        parameters: {
            query?: {
                /** @description Number of people to skip. */
                from?: number;
                /** @description Number of people to return, at most 200. */
                count?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The lines with fields for these people, in list order. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ContactSheet"];
                };
            };
        };
    };
    markPeople: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MarkPeople"];
            };
        };
        responses: {
            /** @description Marked; this lays nothing out. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Roster"];
                };
            };
        };
    };
    cutAgain: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["MarkPeople"];
            };
        };
        responses: {
            /** @description All their pieces are added to the layout in the Cut room. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Roster"];
                };
            };
            /** @description They can’t be cut yet; the detail says why. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listPress: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Designs of jobs being cut or pressed: ready to press first, then next due. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PressDesignName"][];
                };
            };
        };
    };
    showPress: {
        parameters: {
            query?: {
                /** @description Person whose piece to press. */
                row?: string;
                /** @description Id of the press to use. */
                press?: string;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Press sheet for one piece. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PressSheet"];
                };
            };
        };
    };
    notePressed: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    row: string;
                    /**
                     * Format: date-time
                     * @description Time it was pressed.
                     */
                    at: string;
                };
            };
        };
        responses: {
            /** @description Noted; the last piece completes the job. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["PressSheet"];
                };
            };
        };
    };
    listRack: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description All films on the rack. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RackEntry"][];
                };
            };
        };
    };
    saveRackFilm: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["RackEntry"];
            };
        };
        responses: {
            /** @description Saved; version 0 creates a new one. Designs keep their copy. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RackEntry"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was saved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Not a valid film; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    removeRackFilm: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Removed from the rack; designs keep their copy. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["RackEntry"];
                };
            };
        };
    };
    usualLayering: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What new designs start with. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UsualLayering"];
                };
            };
        };
    };
    saveUsualLayering: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["UsualLayering"];
            };
        };
        responses: {
            /** @description Saved; existing designs are unchanged. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["UsualLayering"];
                };
            };
            /** @description Not a valid layering; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listScraps: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description All scraps, latest first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScrapCard"][];
                };
            };
        };
    };
    addScrap: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    film: string;
                    /** @description In µm, across the film. */
                    width: number;
                    /** @description In µm, along the film. */
                    length: number;
                };
            };
        };
        responses: {
            /** @description Kept on the rack. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScrapCard"];
                };
            };
        };
    };
    keepScrap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Kept on the rack. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ScrapCard"];
                };
            };
        };
    };
    removeScrap: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Thrown away. */
            204: {
                headers: {
                    [name: string]: unknown;
                };
                content?: never;
            };
        };
    };
    pressed: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The layers on the blank, and the film stacks. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Pressed"];
                };
            };
        };
    };
    slipTest: {
        parameters: {
            query: {
                /** @description Film that slips. */
                film: string;
                /** @description Distance in µm. */
                distance: number;
                /** @description Direction in degrees clockwise from the right; omit to find the worst one. */
                angle?: number;
            };
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description What shows that should not. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SlipResult"];
                };
            };
            /** @description Nothing is cut from that film, or the distance is too large. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    fewerFilms: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The current design, then variants with fewer films, largest saving first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["FewerFilmsProposal"][];
                };
            };
        };
    };
    makeVariant: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": {
                    document: components["schemas"]["Design"];
                };
            };
        };
        responses: {
            /** @description A new design in the same job; the original is unchanged. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignName"];
                };
            };
            /** @description Not a valid design; nothing was created. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listFilms: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The film rack. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignFilm"][];
                };
            };
        };
    };
    showShop: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Its name and unit. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Shop"];
                };
            };
        };
    };
    saveShop: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody: {
            content: {
                "application/json": components["schemas"]["Shop"];
            };
        };
        responses: {
            /** @description Saved. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Shop"];
                };
            };
            /** @description It was changed elsewhere since that version; nothing was saved. */
            409: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
            /** @description Invalid; nothing was saved. */
            422: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Problem"];
                };
            };
        };
    };
    listSizes: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description In the order of the shop’s blanks; for a blank not among them, only the design’s size. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["SizedDesign"][];
                };
            };
        };
    };
    stampOfShop: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Changes whenever a job or design changes. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Stamp"];
                };
            };
        };
    };
    stampOfDesign: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description Version of the design as text; empty if it is gone. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["Stamp"];
                };
            };
        };
    };
}
