import { inject, Injectable } from '@angular/core';
import { Store } from '@ngrx/store';
import type { GaugeName } from '@wiry-otter/contracts';
import { accountFeature } from '../account/account';
import { BluetoothGauge } from './bluetooth-gauge';
import type { GaugePort } from './gauge-port';
import { SerialGauge } from './serial-gauge';
import { StandInGauge } from './stand-in-gauge';

export interface GaugeChoice {
  readonly kind: GaugeName['kind'];
  readonly words: string;
}

/** The gauges that this browser and this studio can connect to. */
@Injectable({ providedIn: 'root' })
export class Gauges {
  private readonly account = inject(Store).selectSignal(accountFeature.selectAccount);

  offered(): GaugeChoice[] {
    const choices: GaugeChoice[] = [];
    if ('bluetooth' in navigator) choices.push({ kind: 'bluetooth', words: 'Bluetooth scale' });
    if ('serial' in navigator) choices.push({ kind: 'serial', words: 'Scale on a serial line' });
    if (this.account()?.gaugeUrl) choices.push({ kind: 'standIn', words: 'Simulated scale' });
    return choices;
  }

  /** A port of the kind; undefined where there is none. */
  open(kind: GaugeName['kind']): GaugePort | undefined {
    const gaugeUrl = this.account()?.gaugeUrl ?? null;
    if (kind === 'bluetooth' && 'bluetooth' in navigator) {
      return new BluetoothGauge(navigator.bluetooth);
    }
    if (kind === 'serial' && 'serial' in navigator) return new SerialGauge(navigator.serial);
    return kind === 'standIn' && gaugeUrl !== null ? new StandInGauge(gaugeUrl) : undefined;
  }
}
