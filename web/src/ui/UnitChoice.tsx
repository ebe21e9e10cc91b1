import type { Unit } from '../api/client';
import { Segments } from './Segments';

const units = [
    { value: 'mm', show: 'mm', name: 'Millimetres' },
    { value: 'in', show: 'in', name: 'Inches' },
] as const;

interface Props {
    label: string;
    value: Unit;
    dark?: boolean;
    onChange: (unit: Unit) => void;
}

/** Millimetres or inches. */
export function UnitChoice({ label, value, dark, onChange }: Props) {
    return <Segments label={label} value={value} options={units} dark={dark ?? false} onChange={onChange} />;
}
