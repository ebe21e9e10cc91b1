/** How the machine moves: even acceleration, and at corners the speed of a circle that cuts them short by a little. */
export const ability = { travel: 600, acceleration: 4000, deviation: 0.05, lift: 0.05 };

/**
 * The way along points from standing to standing.
 *
 * @param {[number, number][]} points in mm
 * @param {number} speed the greatest, in mm/s
 * @returns {{ seconds: number, at: (t: number) => { x: number, y: number, edge: number } }}
 */
export function way(points, speed, { acceleration: a, deviation } = ability) {
    const edges = [];
    for (let i = 1; i < points.length; i += 1) {
        const [dx, dy] = [points[i][0] - points[i - 1][0], points[i][1] - points[i - 1][1]];
        const length = Math.hypot(dx, dy);
        if (length > 0) {
            edges.push({ from: points[i - 1], dx: dx / length, dy: dy / length, length, number: i - 1 });
        }
    }
    const limits = [0];
    for (let i = 1; i < edges.length; i += 1) {
        const cosine = edges[i - 1].dx * edges[i].dx + edges[i - 1].dy * edges[i].dy;
        const sine = Math.sqrt(Math.max(0, (1 + cosine) / 2));
        limits.push(sine > 0.999999 ? speed : Math.min(speed, Math.sqrt((a * deviation * sine) / (1 - sine))));
    }
    limits.push(0);
    for (let i = 0; i < edges.length; i += 1) {
        limits[i + 1] = Math.min(limits[i + 1], Math.sqrt(limits[i] ** 2 + 2 * a * edges[i].length));
    }
    for (let i = edges.length - 1; i >= 0; i -= 1) {
        limits[i] = Math.min(limits[i], Math.sqrt(limits[i + 1] ** 2 + 2 * a * edges[i].length));
    }
    let seconds = 0;
    edges.forEach((edge, i) => {
        const [v0, v1] = [limits[i], limits[i + 1]];
        const top = Math.min(speed, Math.sqrt(a * edge.length + (v0 ** 2 + v1 ** 2) / 2));
        const up = (top - v0) / a;
        const down = (top - v1) / a;
        const even = (edge.length - (v0 + top) * 0.5 * up - (top + v1) * 0.5 * down) / top;
        Object.assign(edge, { v0, top, up, even: Math.max(0, even), start: seconds });
        seconds += up + Math.max(0, even) + down;
    });

    let last = 0;
    return {
        seconds,
        at(t) {
            if (edges.length === 0) {
                return { x: points[0][0], y: points[0][1], edge: 0 };
            }
            if (t < edges[last].start) {
                last = 0;
            }
            while (last + 1 < edges.length && edges[last + 1].start <= t) {
                last += 1;
            }
            const { from, dx, dy, length, v0, top, up, even, start, number } = edges[last];
            const since = t - start;
            const rising = Math.min(since, up);
            const flat = Math.min(Math.max(0, since - up), even);
            const falling = Math.max(0, since - up - even);
            const gone = v0 * rising + 0.5 * a * rising ** 2 + top * flat + top * falling - 0.5 * a * falling ** 2;
            const along = Math.max(0, Math.min(length, gone));
            return { x: from[0] + dx * along, y: from[1] + dy * along, edge: number };
        },
    };
}
