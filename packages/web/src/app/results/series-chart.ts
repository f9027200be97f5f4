import { ChangeDetectionStrategy, Component, ElementRef, computed, inject, input, signal } from '@angular/core';
import { max } from 'd3-array';
import { scaleLinear, scaleUtc } from 'd3-scale';
import { curveStepAfter, line } from 'd3-shape';
import { minorPerMajor } from '@yellowwood/core';
import type { Results } from '@yellowwood/contracts';
import { Formats } from '../state/formats';
import { download } from '../ui/download';
import { Column } from '../ui/table/column';
import { Table } from '../ui/table/table';

type Series = NonNullable<Results['series']>;
type Point = Series['points'][number];

const WIDTH = 940;
const HEIGHT = 230;
const INSET = { left: 64, right: 150, top: 14, bottom: 26 };
const HEADS = { day: 'To the end of', week: 'To the end of the week of', month: 'To the end of' } as const;

/** Cost, earned and billed over time, each cumulated, labelled at the line; with a table behind. */
@Component({
  selector: 'yw-series-chart',
  imports: [Table],
  templateUrl: './series-chart.html',
  styleUrl: './series-chart.scss',
  changeDetection: ChangeDetectionStrategy.OnPush,
})
export class SeriesChart {
  private readonly formats = inject(Formats);
  private readonly host = inject<ElementRef<HTMLElement>>(ElementRef);
  readonly series = input.required<Series>();
  protected readonly points = computed(() => this.series().points);
  readonly currency = input.required<string>();
  protected readonly width = WIDTH;
  protected readonly height = HEIGHT;
  protected readonly inset = INSET;
  protected readonly tableShown = signal(false);
  protected readonly keyOf = ({ from }: Point) => from;
  protected readonly columns = computed((): readonly Column<Point>[] => {
    const money = (minor: number | null) => (minor === null ? null : [{ currency: this.currency(), minor }]);
    return [
      { id: 'end', head: HEADS[this.series().step], kind: 'text', value: (one) => this.name(one) },
      { id: 'cost', head: 'Cost', kind: 'money', value: (one) => money(one.cost) },
      { id: 'earned', head: 'Earned', kind: 'money', value: (one) => money(one.earned) },
      { id: 'billed', head: 'Billed', kind: 'money', value: (one) => money(one.billed) },
    ];
  });

  /** Days are as far apart as they are, whether something was recorded on them or not. */
  private readonly time = computed(() => {
    const points = this.points();
    return scaleUtc([new Date(points[0]!.from), new Date(points.at(-1)!.from)], [INSET.left, WIDTH - INSET.right]);
  });
  private readonly x = (point: Point) => this.time()(new Date(point.from));
  private readonly y = computed(() =>
    scaleLinear(
      [0, max(this.points(), (point) => Math.max(point.cost ?? 0, point.earned, point.billed)) || 1],
      [HEIGHT - INSET.bottom, INSET.top],
    ).nice(4),
  );
  protected readonly ticks = computed(() =>
    this.y()
      .ticks(4)
      .map((value) => ({ y: this.y()(value), text: this.short(value) })),
  );
  /** Points are named from the first on, as many as there is room for. */
  protected readonly marks = computed(() => {
    let free = -Infinity;
    const month = this.series().step === 'month';
    return this.points().flatMap((point) => {
      const x = this.x(point);
      if (x < free) return [];
      free = x + 62;
      return [{ x, text: month ? this.formats.day(point.from, 'mon') : this.formats.day(point.from) }];
    });
  });
  protected readonly lines = computed(() => {
    const last = this.points().at(-1)!;
    const of = (name: 'cost' | 'earned' | 'billed') => {
      const shape = line<Point>()
        .x((point) => this.x(point))
        .y((point) => this.y()(point[name] ?? 0));
      if (name === 'billed') shape.curve(curveStepAfter);
      return {
        name,
        path: shape([...this.points()]) ?? '',
        y: this.y()(last[name] ?? 0) + 4,
        text: `${name} ${this.short(last[name] ?? 0)}`,
      };
    };
    const lines = [of('cost'), of('earned'), of('billed')].sort((a, b) => a.y - b.y);
    // Labels keep clear of each other.
    for (let index = 1; index < lines.length; index += 1) lines[index]!.y = Math.max(lines[index]!.y, lines[index - 1]!.y + 16);
    return lines;
  });

  private name({ from }: Point): string {
    return this.formats.day(from, this.series().step === 'month' ? 'month' : 'short');
  }

  /** Thousands as `£24k`: an axis needs no pence. */
  private short(value: number): string {
    const major = value / minorPerMajor(this.currency());
    if (Math.abs(major) < 1000) return this.formats.about(Math.round(value), this.currency());
    const thousands = this.formats.about(Math.round(major / 1000) * minorPerMajor(this.currency()), this.currency());
    return thousands.replace(/(\d)(\D*)$/, '$1k$2');
  }

  protected save(kind: 'svg' | 'png'): void {
    const source = this.host.nativeElement.querySelector('svg')!;
    const copy = source.cloneNode(true) as SVGElement;
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    copy.setAttribute('width', String(WIDTH));
    copy.setAttribute('height', String(HEIGHT));
    // The saved picture stands alone: what the page's styles say is written into it.
    const [own, copied] = [source.querySelectorAll('*'), copy.querySelectorAll('*')];
    own.forEach((element, index) => {
      const style = getComputedStyle(element);
      for (const name of ['fill', 'stroke', 'stroke-width', 'stroke-dasharray', 'font-family', 'font-size', 'font-weight'])
        (copied[index] as SVGElement).setAttribute(name, style.getPropertyValue(name));
    });
    const text = new XMLSerializer().serializeToString(copy);
    if (kind === 'svg') return download(new Blob([text], { type: 'image/svg+xml' }), 'results.svg');
    const image = new Image();
    image.onload = () => {
      const canvas = document.createElement('canvas');
      canvas.width = WIDTH * 2;
      canvas.height = HEIGHT * 2;
      canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height);
      canvas.toBlob((blob) => blob && download(blob, 'results.png'));
    };
    image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(text)}`;
  }
}
