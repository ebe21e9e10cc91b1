import type { Follows, Line } from '../../../api/client';
import { Choice } from '../../../ui/Choice';
import { isLine, withLine, type Card } from '../../model/edits';
import { isPlainEdge, pathNames, putOnPath } from '../../model/follows';
import { More } from '../../shared/More';
import { Row, Rows } from '../../shared/Row';
import { partOf } from '../../state/select';
import { useBench, useBenchStore } from '../../state/store';
import { ArcRows } from './ArcRows';
import { BrimRows } from './BrimRows';
import { BothEdgesRow, EdgeDetails, EdgeRow, FormOfEdges, Widths } from './EdgeRows';
import { OnThePath } from './OnThePath';
import { OutlinePathRows } from './OutlinePathRows';
import { RingDetails, RingRows } from './RingRows';
import { SpiralRows } from './SpiralRows';

const edges = ['top', 'bottom'] as const;

/** What a line follows, and the edges that it fills. */
export function BendDrawer({ card }: { card: Card }) {
    return isLine(card) ? <BendOf line={card} /> : null;
}

function BendOf({ line }: { line: Line }) {
    const { path } = line.follows;
    const plain = edges.every((edge) => isPlainEdge(line.fills[edge]));
    return (
        <>
            <Rows>
                <PathRow line={line} />
                {path === 'arc' && <ArcRows line={line} />}
                {path === 'ring' && <RingRows line={line} />}
                {path === 'brim' && <BrimRows line={line} />}
                {path === 'spiral' && <SpiralRows line={line} />}
                {path === 'outline' && <OutlinePathRows line={line} />}
                <BothEdgesRow line={line} />
                {edges.map((edge) => (
                    <EdgeRow key={edge} line={line} name={edge} />
                ))}
                <FormOfEdges line={line} />
            </Rows>
            {(path !== 'straight' || !plain) && (
                <More>
                    <Rows>
                        {path === 'ring' && <RingDetails line={line} />}
                        {path !== 'straight' && <OnThePath line={line} />}
                        {edges.map((edge) => (
                            <EdgeDetails key={edge} line={line} name={edge} />
                        ))}
                        {!plain && <Widths line={line} />}
                    </Rows>
                </More>
            )}
        </>
    );
}

function PathRow({ line }: { line: Line }) {
    const { change } = useBenchStore().getState();
    const part = useBench((bench) => partOf(bench, line.id));
    const brim = useBench((bench) => Boolean(bench.design.blank.placement.brim));
    const shapes = useBench(({ design }) => design.forms.length + design.motifs.length > 0);
    const { path } = line.follows;
    const paths = (Object.keys(pathNames) as Follows['path'][]).filter(
        (own) => own === path || ((own !== 'brim' || brim) && (own !== 'outline' || shapes)),
    );
    return (
        <Row name="Follows">
            <Choice
                label="Follows"
                field="follows"
                className="flex-1"
                value={path}
                options={paths}
                by={(own) => own}
                show={(own) => pathNames[own]}
                onChange={(next) => change((now) => withLine(line.id, (own) => putOnPath(own, next, part, now))(now))}
            />
        </Row>
    );
}
