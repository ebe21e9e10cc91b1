import { useEffect, useRef, useState } from 'react';

/** Takes files that are dropped anywhere on the page; whether some are over it now. */
export function useFileDrop(onFiles: (files: File[]) => void): boolean {
    const [over, setOver] = useState(false);
    const take = useRef(onFiles);
    useEffect(() => {
        take.current = onFiles;
    });
    useEffect(() => {
        const hasFiles = (event: DragEvent) => event.dataTransfer?.types.includes('Files') ?? false;
        const enter = (event: DragEvent) => {
            if (hasFiles(event)) {
                event.preventDefault();
                setOver(true);
            }
        };
        const leave = (event: DragEvent) => {
            if (event.relatedTarget === null) {
                setOver(false);
            }
        };
        const drop = (event: DragEvent) => {
            if (hasFiles(event)) {
                event.preventDefault();
                setOver(false);
                take.current([...(event.dataTransfer?.files ?? [])]);
            }
        };
        window.addEventListener('dragover', enter);
        window.addEventListener('dragleave', leave);
        window.addEventListener('drop', drop);
        return () => {
            window.removeEventListener('dragover', enter);
            window.removeEventListener('dragleave', leave);
            window.removeEventListener('drop', drop);
        };
    }, []);
    return over;
}
