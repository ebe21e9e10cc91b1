// Written by web/generate-types.mjs from the server's OpenAPI description.
export interface paths {
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
        delete?: never;
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
        get: operations["lookAtStep"];
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
    "/api/fonts": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["listFonts"];
        put?: never;
        post?: never;
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
    "/api/length": {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        get: operations["readLength"];
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
        BlankCard: {
            /** @description A blank that the shop decorates. Its fabric and placements are entries of a design document. */
            id: string;
            name: string;
            drawing: components["schemas"]["DesignDrawing"];
            fabrics: components["schemas"]["DesignFabric"][];
            sizes: {
                size: string;
                /** @description Across, in µm. */
                width: number;
                placements: components["schemas"]["DesignPlacement"][];
            }[];
        };
        /**
         * Design
         * @description A design document. Every length is a whole number of micrometres.
         */
        Design: {
            /**
             * @description The version of this format.
             * @constant
             */
            uvret: 1;
            name: string;
            /**
             * @description The unit that people read; the document holds micrometres.
             * @enum {unknown}
             */
            unit: "mm" | "in";
            blank: components["schemas"]["DesignBlank"];
            /** @description The films that may be used, bottom film first. */
            films: components["schemas"]["DesignFilm"][];
            /**
             * @description Where the lines stand in the placement area.
             * @enum {unknown}
             */
            stack: "top" | "middle" | "bottom";
            lines: components["schemas"]["DesignLine"][];
        };
        /** @description The garment, bag or hat as bought, in one size and colour. */
        DesignBlank: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            /** @enum {unknown} */
            drawing: "tee-front" | "tee-back" | "tote" | "cap" | "brimmed-hat" | "pouch";
            size: string;
            /** @description Across the blank where it is widest: chest, bag, cap or brim. */
            width: components["schemas"]["DesignExtent"];
            fabric: {
                name: components["schemas"]["DesignLabel"];
                colour: components["schemas"]["DesignColour"];
            };
            placement: components["schemas"]["DesignPlacement"];
        };
        /** @description A design of a job in small, as it will be worn. */
        DesignCard: {
            id: string;
            name: string;
            document: components["schemas"]["Design"];
            parts: components["schemas"]["SheetPart"][];
        };
        DesignColour: string;
        DesignDistance: number;
        /** @enum {unknown} */
        DesignDrawing: "tee-front" | "tee-back" | "tote" | "cap" | "brimmed-hat" | "pouch";
        DesignExtent: number;
        DesignFabric: {
            name: components["schemas"]["DesignLabel"];
            colour: components["schemas"]["DesignColour"];
        };
        DesignFilm: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            colour: components["schemas"]["DesignColour"];
            /** @enum {unknown} */
            finish: "smooth" | "glitter" | "flock";
            /** @description Of the roll or sheet. */
            width: components["schemas"]["DesignExtent"];
            thickness: number;
            /**
             * @description Whether the side that the knife sees shows the mirror image of what is worn.
             * @enum {unknown}
             */
            bladeSide: "mirrored" | "as worn";
        };
        DesignId: string;
        DesignLabel: string;
        DesignLine: {
            id: components["schemas"]["DesignId"];
            words: string;
            font: components["schemas"]["DesignId"];
            film: components["schemas"]["DesignId"];
            size: components["schemas"]["DesignSize"];
            /** @description Tracking: what is added between letters, in thousandths of the font's em. */
            spacing: number;
            /**
             * @description By ink, to the placement area.
             * @enum {unknown}
             */
            align: "left" | "centre" | "right";
            /** @description From the ink of the line above; for the first line from the edge of the area that the lines stand at (without meaning when they stand in its middle). */
            gap: components["schemas"]["DesignDistance"];
            /** @description To the right of where the alignment puts the line. */
            shift: components["schemas"]["DesignDistance"];
        };
        /** @description The area of the blank that may carry lettering. */
        DesignPlacement: {
            id: components["schemas"]["DesignId"];
            name: components["schemas"]["DesignLabel"];
            width: components["schemas"]["DesignExtent"];
            height: components["schemas"]["DesignExtent"];
            /** @description How far right of the blank's measuring point the middle of the area's top edge lies. */
            across: components["schemas"]["DesignDistance"];
            /** @description How far below the blank's measuring point the area's top edge lies. */
            down: components["schemas"]["DesignDistance"];
            /** @description The distances that a decorator measures, and from where. */
            from: {
                /** @enum {unknown} */
                edge: "collar" | "hem" | "seam" | "zip" | "pocket" | "brim" | "handles" | "top edge" | "shoulder";
                distance: components["schemas"]["DesignDistance"];
            }[];
        };
        DesignSize: {
            /**
             * @description What the length measures: the ink's width, the ink's height, the height of the letter H; or, for area, the margin left when the line is fitted into the placement area.
             * @enum {unknown}
             */
            by: "width" | "height" | "letter" | "area";
            length: number;
        };
        /** @description A font of the type case. */
        FontCard: {
            id: string;
            name: string;
            /** @description What kind of lettering it is for. */
            use: string;
            licence: string;
        };
        /** @description A rectangle on the stage: µm from the middle of the placement area's top edge, y pointing down. */
        Frame: {
            left: number;
            top: number;
            width: number;
            height: number;
        };
        /** @description A point in a design's history. */
        HistoryStep: {
            number: number;
            /** @description The step that it was made from; 0 for the first. */
            parent: number;
            name: string | null;
            /** Format: date-time */
            madeAt: string;
            /** @description Whether the design is at this step. */
            current: boolean;
        };
        /** @description A job as it hangs on the rail. */
        JobCard: {
            id: string;
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @enum {string} */
            state: "to design" | "to approve" | "to cut" | "to press" | "done";
            /** @description How many blanks are to be pressed. */
            quantity: number;
            designs: components["schemas"]["DesignCard"][];
        };
        /** @description What it takes to hang a job on the rail. */
        NewJob: {
            title: string;
            customer: string;
            /** Format: date */
            due: string;
            /** @description The id of one of the shop’s blanks. */
            blank: string;
            quantity: number;
        };
        /** @description A design as it is opened on the Bench. */
        OpenDesign: {
            id: string;
            jobId: string;
            jobTitle: string;
            version: number;
            /** Format: date-time */
            savedAt: string;
            canUndo: boolean;
            canRedo: boolean;
            document: components["schemas"]["Design"];
            sheet: components["schemas"]["Sheet"];
        };
        /** @description Why a request was not carried out, in words for the person at the screen (RFC 9457). */
        Problem: {
            title: string;
            detail: string;
            /** @description The field of the document that is wrong, like lines/0/words; empty when none is. */
            path: string;
        };
        /** @description A length that was typed, read. */
        ReadLength: {
            micrometres: number;
        };
        /** @description A changed design, with the version that it was changed from. */
        SaveDesign: {
            version: number;
            document: components["schemas"]["Design"];
            /** @description What was changed, like words:line-1; changes of the same in a row are one step of the history. */
            change: string;
        };
        /** @description The answer to a save: what the version is now, and what the document comes to. */
        SavedDesign: {
            version: number;
            /** Format: date-time */
            savedAt: string;
            canUndo: boolean;
            canRedo: boolean;
            sheet: components["schemas"]["Sheet"];
        };
        /** @description All that the Bench draws of a design: worked out afresh from its document. Lengths are in µm. */
        Sheet: {
            area: components["schemas"]["Frame"];
            ink: components["schemas"]["Frame"] | null;
            parts: components["schemas"]["SheetPart"][];
            layers: components["schemas"]["SheetLayer"][];
            filmLength: number;
            /** @description How many pieces of waste have to be picked out. */
            toWeed: number;
            /** @description What the area has left beyond the ink in the tighter direction; below 0 when it does not fit. */
            spare: number | null;
            snags: components["schemas"]["SheetSnag"][];
        };
        /** @description A cut layer in its weeding box, blade side. Lengths are in µm. */
        SheetLayer: {
            film: string;
            /** @description SVG path data in µm from the weeding box’s left top corner, y pointing down. */
            path: string;
            width: number;
            height: number;
            filmLength: number;
            /** @description Whether it lies a quarter turn round on the film to fit its width. */
            turned: boolean;
            fits: boolean;
            pieces: number;
            toWeed: number;
            mirrored: boolean;
        };
        /** @description A welded line on the stage, wear side. */
        SheetPart: {
            line: string;
            film: string;
            /** @description SVG path data in µm from the middle of the area’s top edge, y pointing down. */
            path: string;
            ink: components["schemas"]["Frame"] | null;
            /** @description The height of the letter H at this size, in µm. */
            letterHeight: number;
        };
        /** @description A snag with its number, as on its pin. */
        SheetSnag: {
            number: number;
            kind: string;
            /** @description Whether it would spoil film or garment. */
            blocks: boolean;
            message: string;
            cure: string;
            line: string | null;
            film: string | null;
            /** @description Where on the stage, in µm, y pointing down. */
            x: number | null;
            y: number | null;
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
    openDesign: {
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
            /** @description The document, and all that was worked out from it. */
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
            query?: never;
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
            /** @description The document is not a design; nothing was saved. */
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
    moveInHistory: {
        parameters: {
            query: {
                version: number;
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
            /** @description The design as it is now; unchanged at the end of the history. */
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
            /** @description All steps, the latest first. */
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
    lookAtStep: {
        parameters: {
            query?: never;
            header?: never;
            path: {
                id: string;
                number: number;
            };
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The design as it was at the step. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["DesignCard"];
                };
            };
        };
    };
    goToStep: {
        parameters: {
            query: {
                version: number;
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
            /** @description The design as it is now. */
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
            /** @description Named; an empty name takes it away. */
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
    listJobs: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description All jobs, the next due first. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobCard"][];
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
            /** @description On the rail, with an empty design. */
            201: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["JobCard"];
                };
            };
            /** @description Something is missing; nothing was made. */
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
    listBlanks: {
        parameters: {
            query?: never;
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The blanks, each in its sizes with its placements. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["BlankCard"][];
                };
            };
        };
    };
    readLength: {
        parameters: {
            query: {
                /** @description What was typed. */
                text: string;
                /** @description The unit of a bare number. */
                unit: "mm" | "in";
            };
            header?: never;
            path?: never;
            cookie?: never;
        };
        requestBody?: never;
        responses: {
            /** @description The length. */
            200: {
                headers: {
                    [name: string]: unknown;
                };
                content: {
                    "application/json": components["schemas"]["ReadLength"];
                };
            };
            /** @description It is not a length; the detail says what is accepted. */
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
}
