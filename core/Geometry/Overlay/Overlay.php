<?php

declare(strict_types=1);

namespace Uvret\Geometry\Overlay;

use Uvret\Geometry\GeometryException;

/**
 * The set operations: rings in, rings out, in four stages.
 *
 * Snapping settles all crossings on the grid; Chains joins the edges between them; Sweep finds the
 * chains that bound the result; Tracing joins these to rings and sorts holes under outer rings.
 */
final class Overlay
{
    /**
     * @throws GeometryException when the crossings do not settle on the grid
     */
    public static function of(Rings $rings, Rule $rule): Tracing
    {
        return self::withNodes($rings, $rule)[0];
    }

    /**
     * Several results from one arrangement.
     *
     * @param non-empty-list<Rule> $rules
     *
     * @return non-empty-list<Tracing>
     *
     * @throws GeometryException when the crossings do not settle on the grid
     */
    public static function each(Rings $rings, array $rules): array
    {
        if ([] === $rings->operand) {
            return \array_map(static fn (Rule $rule): Tracing => Tracing::of($rings, new Chains(), new Sweep()), $rules);
        }
        $chains = Chains::of($rings, Snapping::settle($rings));

        return \array_map(static fn (Rule $rule): Tracing => Tracing::of($rings, $chains, Sweep::over($rings, $chains, $rule)), $rules);
    }

    /**
     * @return array{Tracing, array<int, true>} the result, and the keys of the points where edges met
     *
     * @throws GeometryException when the crossings do not settle on the grid
     */
    public static function withNodes(Rings $rings, Rule $rule): array
    {
        if ([] === $rings->operand) {
            return [Tracing::of($rings, new Chains(), new Sweep()), []];
        }
        $nodes = Snapping::settle($rings);
        $chains = Chains::of($rings, $nodes);

        return [Tracing::of($rings, $chains, Sweep::over($rings, $chains, $rule)), $nodes];
    }
}
