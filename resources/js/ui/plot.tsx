import { useEffect, useRef } from 'react';
import UPlot from 'uplot';
import 'uplot/dist/uPlot.min.css';
import { useShopTime } from './use-shop-time';

export interface PlotPoint {
    /** ISO 8601 */
    at: string;
    value: number;
}

const HEIGHT = 180;
const DAY = 86_400;

/** From nothing, unless all that happens would then be a flat line at the top. */
const floor = (least: number, most: number) => (least < most / 2 ? 0 : Math.max(0, least - (most - least) / 2 - most / 50));

/** A value over the visits, in ink; its numbers stand beside it in words, this only shows which way it goes. */
export function Plot({ points, label, unit }: { points: PlotPoint[]; label: string; unit: string }) {
    const box = useRef<HTMLDivElement>(null);
    const { month } = useShopTime();
    const told = useRef(month);
    told.current = month;
    useEffect(() => {
        const element = box.current;
        if (element === null) {
            return;
        }
        const draw = () => {
            const style = getComputedStyle(document.documentElement);
            const [ink, rule, live] = ['--ink', '--rule', '--live'].map((name) => style.getPropertyValue(name).trim());
            const font = `14px ${getComputedStyle(document.body).fontFamily}`;
            const axis = { stroke: ink ?? '', font, grid: { stroke: rule ?? '', width: 1 }, ticks: { stroke: rule ?? '' } };
            const times = points.map((p) => Date.parse(p.at) / 1000);
            return new UPlot(
                {
                    width: element.clientWidth,
                    height: HEIGHT,
                    legend: { show: false },
                    cursor: { show: false },
                    scales: {
                        x: { time: true, range: [Math.min(...times) - DAY, Math.max(...times) + DAY] },
                        y: { range: (_, least, most) => [floor(least, most), most * 1.05 || 1] },
                    },
                    axes: [
                        {
                            ...axis,
                            values: (_, ticks) => ticks.map((t) => told.current(new Date(t * 1000).toISOString())),
                        },
                        { ...axis, size: 64 },
                    ],
                    series: [
                        {},
                        { stroke: ink ?? '', width: 3, points: { show: true, size: 11, stroke: ink ?? '', fill: live ?? '' } },
                    ],
                },
                [times, points.map((p) => p.value)],
                element,
            );
        };
        let plot = draw();
        const again = () => {
            plot.destroy();
            plot = draw();
        };
        const resize = new ResizeObserver(() => plot.setSize({ width: element.clientWidth, height: HEIGHT }));
        resize.observe(element);
        // the print changes with the light
        const theme = new MutationObserver(again);
        theme.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
        return () => {
            resize.disconnect();
            theme.disconnect();
            plot.destroy();
        };
    }, [points]);
    return (
        <figure className="m-0">
            <figcaption className="text-sm">
                {label}
                {unit === '' ? '' : `, ${unit}`}
            </figcaption>
            <div ref={box} role="img" aria-label={`${label} over ${points.length} visits`} style={{ height: HEIGHT }} />
        </figure>
    );
}
