/**
 * A drag knife: the tip trails the holder's middle at a fixed distance and only moves along its blade, so what is across the blade turns
 * it. On a straight move of length s the angle φ between blade and move goes by tan(φ/2) · e^(−s/d).
 */
export class Blade {
    constructor(offset, heading = 1) {
        this.offset = offset;
        this.heading = heading;
    }

    /** The tip where the holder is. */
    tip(x, y) {
        return [x - this.offset * Math.cos(this.heading), y - this.offset * Math.sin(this.heading)];
    }

    /**
     * The holder moves in a straight line.
     *
     * @returns {[number, number][]} where the tip was on the way, at most so far apart
     */
    drag([x, y], [toX, toY], step = 0.05) {
        const length = Math.hypot(toX - x, toY - y);
        if (length === 0) {
            return [];
        }
        const direction = Math.atan2(toY - y, toX - x);
        const phi = this.heading - direction;
        const half = Math.tan(phi / 2);
        const count = Math.max(1, Math.ceil(length / step));
        const tips = [];
        for (let i = 1; i <= count; i += 1) {
            const s = (length * i) / count;
            this.heading = this.offset === 0 ? direction : direction + 2 * Math.atan(half * Math.exp(-s / this.offset));
            tips.push(this.tip(x + ((toX - x) * i) / count, y + ((toY - y) * i) / count));
        }
        return tips;
    }
}
