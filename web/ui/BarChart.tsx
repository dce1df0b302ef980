import {
  BarController,
  BarElement,
  CategoryScale,
  Chart,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
} from 'chart.js';
import { useEffect, useRef } from 'react';
import styled, { useTheme } from 'styled-components';

Chart.register(
  BarController,
  BarElement,
  CategoryScale,
  LinearScale,
  LineController,
  LineElement,
  PointElement,
  Tooltip,
);

/** One row of figures: bars of a colour each, or a line over them. */
export interface Series {
  readonly name: string;
  readonly values: readonly number[];
  /** One colour, or one for each bar. */
  readonly colour: string | readonly string[];
  readonly isLine?: boolean;
}

export interface BarChartProps {
  /** What it shows, in a sentence: for who does not see it. */
  label: string;
  labels: readonly string[];
  series: readonly Series[];
  /** Bars lie, their labels to the left of them. */
  isLying?: boolean;
  height: number;
  say: (value: number) => string;
}

/** Figures as bars, in the house's letters and inks; every figure is told when it is pointed at. */
export default function BarChart({ label, labels, series, isLying = false, height, say }: BarChartProps) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const { ink, line } = useTheme();
  useEffect(() => {
    if (!canvas.current) return undefined;
    const letters = { family: "'Atkinson Hyperlegible Next Variable', sans-serif", size: 13 };
    const figures = {
      ticks: { precision: 0, color: ink, font: letters, callback: (n: number | string) => say(Number(n)) },
    };
    const names = { ticks: { color: ink, font: letters }, grid: { display: false } };
    const chart = new Chart<'bar' | 'line'>(canvas.current, {
      type: 'bar',
      data: {
        labels: [...labels],
        datasets: series.map(({ name, values, colour, isLine = false }) => ({
          type: isLine ? ('line' as const) : ('bar' as const),
          label: name,
          data: [...values],
          backgroundColor: typeof colour === 'string' ? colour : [...colour],
          ...(isLine ? { borderColor: colour as string, pointRadius: 3 } : { stack: 'one', maxBarThickness: 26 }),
        })),
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        indexAxis: isLying ? 'y' : 'x',
        plugins: { tooltip: { callbacks: { label: ({ dataset, raw }) => `${dataset.label}: ${say(Number(raw))}` } } },
        scales: isLying
          ? { x: { ...figures, grid: { color: line } }, y: { ...names, stacked: true } }
          : { x: { ...names, stacked: true }, y: { ...figures, stacked: true, grid: { color: line } } },
      },
    });
    return () => chart.destroy();
  }, [labels, series, isLying, ink, line, say]);
  return (
    <Framed style={{ height }}>
      <canvas ref={canvas} role="img" aria-label={label} />
    </Framed>
  );
}

const Framed = styled.div`
  position: relative;
  min-width: 0;
`;
