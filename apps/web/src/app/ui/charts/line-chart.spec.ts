import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { setUpApp } from '../../../testing/app';
import { Frames } from '../../../testing/frames';
import { type Axes, type ChartLine, line, shadeTo } from './chart-style';
import { LineChart } from './line-chart';

const axes = (max: number): Axes => ({
  x: { title: 'through the rep', min: 0, max: 1 },
  y: { title: 'N', max },
});

/** A pull that rises to a peak, with its range. */
const rising =
  (peak: number, colour = 'black') =>
  (): ChartLine[] => [
    { ...line([at(0, peak / 4), at(1, peak * 1.1)], 'transparent'), borderWidth: 0 },
    shadeTo([at(0, 0), at(1, peak * 0.9)], 'silver'),
    line([at(0, peak / 4), at(0.5, peak / 3), at(1, peak)], colour),
  ];
const at = (x: number, y: number) => ({ x, y });

describe('line chart', () => {
  let frames: Frames;

  beforeEach(() => {
    setUpApp();
    frames = new Frames();
  });

  const show = (
    fixture: ComponentFixture<LineChart>,
    lines: () => ChartLine[],
    on: Axes,
  ): ComponentFixture<LineChart> => {
    fixture.componentRef.setInput('lines', lines);
    fixture.componentRef.setInput('axes', on);
    fixture.componentRef.setInput('label', 'Demand');
    TestBed.tick();
    return fixture;
  };
  const chart = (lines: () => ChartLine[], on: Axes): ComponentFixture<LineChart> => {
    const fixture = TestBed.createComponent(LineChart);
    (fixture.nativeElement as HTMLElement).style.cssText = 'width: 400px; height: 200px';
    document.body.append(fixture.nativeElement as HTMLElement);
    return show(fixture, lines, on);
  };
  const picture = (fixture: ComponentFixture<LineChart>): string =>
    (fixture.nativeElement as HTMLElement).querySelector('canvas')?.toDataURL() ?? '';

  for (const [what, lines, on] of [
    ['points', rising(90), axes(100)],
    ['axes', rising(180), axes(200)],
    ['inks', rising(80, 'blue'), axes(100)],
  ] as const) {
    it(`moved to new ${what} shows what a chart begun with them shows`, async () => {
      await document.fonts.ready;
      const moved = chart(rising(80), axes(100));
      const before = picture(moved);
      show(moved, lines, on);
      while (frames.areWanted) frames.next();
      expect(picture(moved)).not.toBe(before);
      expect(picture(moved)).toBe(picture(chart(lines, on)));
    });
  }

  it('works new axes out in one frame and draws them in the next', () => {
    const moved = chart(rising(80), axes(100));
    const before = picture(moved);
    show(moved, rising(180), axes(200));
    frames.next();
    expect(picture(moved)).toBe(before);
    frames.next();
    expect(picture(moved)).not.toBe(before);
  });
});
