import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { answer, server, type JointKind, type Layering } from '../api/client';
import { usualLayering } from '../api/queries';
import { LengthField } from '../ui/LengthField';
import { NumberField } from '../ui/NumberField';
import { Segments } from '../ui/Segments';

/** How the shop usually puts films on one another: new designs start with it. */
export function UsualJoint() {
    const client = useQueryClient();
    const usual = useQuery(usualLayering).data?.layering;
    const save = useMutation({
        mutationFn: (layering: Layering) => answer(server.PUT('/api/usual-layering', { body: { layering } })),
        onSuccess: (saved) => client.setQueryData(usualLayering.queryKey, saved),
    });
    if (!usual) {
        return null;
    }
    const joint = usual.usual;
    return (
        <section aria-label="Defaults for new designs" className="stitch mt-5 grid gap-2 pt-3">
            <h2 className="heading">Defaults for new designs</h2>
            <span className="flex flex-wrap items-center gap-2">
                <Segments
                    label="Joint in new designs"
                    small
                    value={joint.kind}
                    options={(['trapped', 'lay over', 'butted', 'gap'] as JointKind[]).map((value) => ({
                        value,
                        show: value,
                    }))}
                    onChange={(kind) => save.mutate({ ...usual, usual: { ...joint, kind } })}
                />
                <LengthField
                    label="Trap in new designs"
                    note="trap"
                    unit="mm"
                    least={0}
                    value={joint.width}
                    onChange={(width) => save.mutate({ ...usual, usual: { ...joint, width } })}
                />
                <span className="text-xs text-quiet">registration marks</span>
                <Segments
                    label="Marks in new designs"
                    small
                    value={usual.marks}
                    options={(['corners', 'pins', 'box', 'none'] as const).map((value) => ({ value, show: value }))}
                    onChange={(marks) => save.mutate({ ...usual, marks })}
                />
                <span className="text-xs text-quiet">warn above</span>
                <NumberField
                    label="Maximum thickness in mm"
                    unit="mm"
                    least={0.01}
                    most={10}
                    step={0.1}
                    digits={2}
                    value={usual.thickest / 1000}
                    onChange={(thickest) => save.mutate({ ...usual, thickest: Math.round(1000 * thickest) })}
                />
            </span>
            {save.isError && (
                <p role="alert" className="text-madder">
                    Not saved: {save.error.message}
                </p>
            )}
        </section>
    );
}
