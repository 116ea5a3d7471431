import { composeSetup, fittedBand, knowBand, USUAL_UNITS } from '@wiry-otter/core';
import { type ComponentFixture, TestBed } from '@angular/core/testing';
import { findExercise } from '@wiry-otter/catalogue';
import { setUpApp } from '../../testing/app';
import { personRecord, pull, measuredBand } from '../../testing/records';
import { Scene, type SceneMoves } from './scene';
import { SCENE } from './scene-geometry';
import { Trace } from './trace';
import { pictureOf, type SceneSetup } from './scene-setup';

function row(): SceneSetup {
  const exercise = findExercise('standing-row');
  if (exercise === undefined) throw new Error('no row');
  const band = knowBand(measuredBand([pull(1.35, 48), pull(1.77, 88), pull(2.18, 121)]));
  const composed = composeSetup({
    exercise,
    body: personRecord(),
    anchor: { height_m: 1.2, distance_m: 2, girth_m: undefined },
    routes: (exercise.routes ?? []).filter(({ id }) => id === 'end-held'),
    bands: [fittedBand(band)],
  });
  const setup = pictureOf({ format: 'wiry-otter.setup', version: 1, ...composed }, [band]);
  if (setup === null) throw new Error('not laid');
  return setup;
}

describe('scene', () => {
  let fixture: ComponentFixture<Scene>;
  let steps: string[];

  beforeEach(() => {
    setUpApp();
    fixture = TestBed.createComponent(Scene);
    steps = [];
    const moves: SceneMoves = {
      standing: () => ({ figure: 2, anchor: 1.2, grip: 0 }),
      figure: () => undefined,
      anchor: () => undefined,
      grip: () => undefined,
      step: (what, by_m) => steps.push(`${what} ${by_m.toFixed(2)}`),
    };
    const inputs = { setup: row(), units: USUAL_UNITS, sample: 40, moves };
    for (const [name, value] of Object.entries(inputs)) fixture.componentRef.setInput(name, value);
    fixture.detectChanges();
    document.body.append(fixture.nativeElement as HTMLElement);
  });
  afterEach(() => (fixture.nativeElement as HTMLElement).remove());

  const sliders = (): SVGElement[] => [
    ...(fixture.nativeElement as HTMLElement).querySelectorAll<SVGElement>('[role=slider]'),
  ];

  it('moves the person by arrow keys, a centimetre or five, away from the wall to the left', () => {
    const [person] = sliders();
    const press = (key: string, shiftKey = false): void => {
      person?.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey }));
    };
    press('ArrowLeft');
    press('ArrowRight', true);
    press('ArrowUp');
    expect(steps).toEqual(['figure 0.01', 'figure -0.05']);
  });

  it('moves the anchor up and down', () => {
    const [, , anchor] = sliders();
    anchor?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowUp' }));
    anchor?.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowDown', shiftKey: true }));
    expect(steps).toEqual(['anchor 0.01', 'anchor -0.05']);
  });

  it('says where it stands to those who do not see it', () => {
    const [person, grip, anchor] = sliders();
    expect(person?.getAttribute('aria-valuetext')).toBe('200 centimetres');
    expect(grip?.getAttribute('aria-valuetext')).toBe('0 centimetres from the end');
    expect(anchor?.getAttribute('aria-valuetext')).toBe('120 centimetres');
  });

  it('writes the pull at the hands, with ±', () => {
    const demand = (fixture.nativeElement as HTMLElement).querySelector(
      '[data-testid=scene-demand]',
    );
    const { solved } = fixture.componentInstance.setup();
    expect(demand?.textContent?.trim()).toBe(solved.summary.end.toFixed(0));
  });

  it('draws every part of the person on the floor or above it', () => {
    const paths = [
      ...(fixture.nativeElement as HTMLElement).querySelectorAll<SVGPathElement>(
        '[role=slider] path[stroke-width="1.25"]',
      ),
    ];
    expect(paths.length).toBeGreaterThan(12);
    const drawing = (fixture.nativeElement as HTMLElement).querySelector('svg');
    const { top, width } = drawing?.getBoundingClientRect() ?? new DOMRect();
    const lowest = Math.max(...paths.map((path) => path.getBoundingClientRect().bottom - top));
    const floor = (lowest * SCENE.width) / width;
    expect(floor).toBeGreaterThan(SCENE.floor - 8);
    expect(floor).toBeLessThan(SCENE.floor + 2);
  });
});

describe('trace', () => {
  it('stands on a table of the same figures', () => {
    setUpApp();
    const fixture = TestBed.createComponent(Trace);
    const setup = row();
    for (const [name, value] of Object.entries({ setup, unit: 'N', sample: 0 })) {
      fixture.componentRef.setInput(name, value);
    }
    fixture.detectChanges();
    const cells = [...(fixture.nativeElement as HTMLElement).querySelectorAll('tbody tr')].map(
      (row) => [...row.querySelectorAll('td')].map((cell) => cell.textContent),
    );
    expect(cells.length).toBe(5);
    expect(cells[0]?.[1]).toBe(setup.solved.summary.start.toFixed(1));
    expect(cells[4]?.[1]).toBe(setup.solved.summary.end.toFixed(1));
  });
});
