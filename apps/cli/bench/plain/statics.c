/*
 * The same sums as packages/core/src/demand/solve-rig.ts in a plain loop, for one
 * closed run: what the hot path is measured against. Used by the bench alone.
 *
 * stdin:  linear bodyweight samples judged tracked nodes segments seconds, then the rig:
 *         rest extra c1 c2 c3 loss, the path, the places, the judge's
 *         weights, demand without the band, strength of the muscle.
 * stdout: solves per second in the best thousand, and the mean demand, to compare with the core's.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>

static double *numbers(int count) {
  double *values = calloc(count > 0 ? count : 1, sizeof(double));
  for (int i = 0; i < count; i++)
    if (scanf("%lf", &values[i]) != 1) exit(2);
  return values;
}

static double now(void) {
  struct timespec t;
  clock_gettime(CLOCK_MONOTONIC, &t);
  return t.tv_sec + 1e-9 * t.tv_nsec;
}

int main(void) {
  int linear, bodyweight, samples, judged, tracked, nodes, segments;
  double seconds, rest, extra, c1, c2, c3, loss;
  if (scanf("%d %d %d %d %d %d %d %lf", &linear, &bodyweight, &samples, &judged, &tracked, &nodes, &segments, &seconds) != 8) return 2;
  if (scanf("%lf %lf %lf %lf %lf %lf", &rest, &extra, &c1, &c2, &c3, &loss) != 6) return 2;
  double *path = numbers(segments + 1), *track = numbers(nodes);
  double *x = numbers(nodes * samples), *y = numbers(nodes * samples), *z = numbers(nodes * samples);
  double *wx = numbers(nodes * samples), *wy = numbers(nodes * samples), *alone = numbers(samples), *strength = numbers(samples);
  double *length = calloc(samples, 8), *stretch = calloc(samples, 8), *strand = calloc(samples, 8);
  double *energy = calloc(samples, 8), *gain = calloc(samples, 8), *demand = calloc(samples, 8), *back = calloc(samples, 8);
  double *px = calloc(tracked * samples, 8), *py = calloc(tracked * samples, 8), *pz = calloc(tracked * samples, 8);
  double *ex = calloc(tracked * samples, 8), *ey = calloc(tracked * samples, 8), *ez = calloc(tracked * samples, 8);
  double *lx = calloc(tracked * samples, 8), *ly = calloc(tracked * samples, 8), *lz = calloc(tracked * samples, 8);
  double mean = 0, other = 0, anchor = 0, best = 0, began = now(), took;
  do {
    double round_began = now();
    for (int round = 0; round < 1000; round++) {
      size_t forces = (size_t)tracked * samples * 8;
      double scale = 1 + 1e-9 * (round & 7); /* no two solves alike, so that none is left out */
      memcpy(demand, alone, samples * 8);
      memcpy(back, alone, samples * 8);
      memset(px, 0, forces); memset(py, 0, forces); memset(pz, 0, forces);
      memset(ex, 0, forces); memset(ey, 0, forces); memset(ez, 0, forces);
      memset(lx, 0, forces); memset(ly, 0, forces); memset(lz, 0, forces);
      for (int k = 0; k < samples; k++) { length[k] = extra; gain[k] = 0; }
      for (int s = 0; s < segments; s++) {
        int i = (int)path[s], j = (int)path[s + 1], ti = (int)track[i], tj = (int)track[j];
        for (int k = 0; k < samples; k++) {
          double dx = x[j * samples + k] - x[i * samples + k], dy = y[j * samples + k] - y[i * samples + k];
          double dz = z[j * samples + k] - z[i * samples + k], d = sqrt(dx * dx + dy * dy + dz * dz);
          if (d < 1e-9) continue;
          length[k] += d;
          dx /= d; dy /= d; dz /= d;
          gain[k] += wx[i * samples + k] * dx + wy[i * samples + k] * dy - wx[j * samples + k] * dx - wy[j * samples + k] * dy;
          if (ti >= 0) { px[ti * samples + k] += dx; py[ti * samples + k] += dy; pz[ti * samples + k] += dz; }
          if (tj >= 0) { px[tj * samples + k] -= dx; py[tj * samples + k] -= dy; pz[tj * samples + k] -= dz; }
        }
      }
      double longest = 0;
      for (int k = 0; k < samples; k++) {
        double l = length[k] * scale / rest;
        stretch[k] = l;
        if (l > longest) longest = l;
        if (l <= 1) { strand[k] = energy[k] = 0; continue; }
        double q = 1 / l, q2 = q * q, f = l - q2, g = l * l + 2 * q - 3;
        strand[k] = c1 * f + c2 * (1 - q2 * q) + c3 * f * g;
        energy[k] = rest * (c1 * g * 0.5 + c2 * (l + 0.5 * q2 - 1.5) + c3 * g * g * 0.25);
      }
      double per = longest > 1 ? loss / (longest - 1) : 0;
      for (int k = 0; k < samples; k++) {
        double t = strand[k];
        if (t == 0) continue;
        double s = t * (1 - per * (longest - stretch[k]));
        double change = length[k == samples - 1 ? k : k + 1] - length[k == 0 ? 0 : k - 1];
        double up = change < -1e-9 ? s : t, down = change > 1e-9 ? s : t;
        demand[k] += up * gain[k];
        back[k] += down * gain[k];
        for (int i = k; i < tracked * samples; i += samples) {
          ex[i] += up * px[i]; ey[i] += up * py[i]; ez[i] += up * pz[i];
          lx[i] += down * px[i]; ly[i] += down * py[i]; lz[i] += down * pz[i];
        }
      }
      if (!linear) {
        memset(demand, 0, samples * 8);
        memset(back, 0, samples * 8);
        for (int i = 0; i < judged * samples; i++) {
          demand[i % samples] += sqrt(ex[i] * ex[i] + ey[i] * ey[i] + ez[i] * ez[i]);
          back[i % samples] += sqrt(lx[i] * lx[i] + ly[i] * ly[i] + lz[i] * lz[i]);
        }
      }
      anchor = 0;
      for (int i = judged * samples; i < tracked * samples; i++) {
        double a = sqrt(ex[i] * ex[i] + ey[i] * ey[i] + ez[i] * ez[i]), b = sqrt(lx[i] * lx[i] + ly[i] * ly[i] + lz[i] * lz[i]);
        if (a > anchor) anchor = a;
        if (b > anchor) anchor = b;
      }
      double peak = 0, hardest = 0, sum = 0, hard = 0, floor = 0, left = 0, own = 0, least = 1e9, most = -1e9;
      int dead = 0, slack = 0, turned = 0;
      for (int k = 0; k < samples; k++) {
        double d = fabs(demand[k]), h = d / strength[k], w = k == 0 || k == samples - 1 ? 0.5 : 1;
        if (d > peak) peak = d;
        if (h > hardest) hardest = h;
        sum += w * d;
        hard += w * h;
      }
      for (int k = 0; k < samples; k++) {
        if (fabs(demand[k]) < 0.1 * peak) dead++;
        if (!(stretch[k] > 1)) slack++;
      }
      if (bodyweight) {
        for (int k = 0; k < samples; k++) floor = fmax(floor, fabs(alone[k]));
        for (int k = 0; k < samples; k++) {
          double w = k == 0 || k == samples - 1 ? 0.5 : 1, help;
          left += w * demand[k];
          own += w * alone[k];
          if (demand[k] * alone[k] < 0) turned++;
          if (alone[k] == 0 || fabs(alone[k]) < 0.25 * floor) continue;
          help = 1 - demand[k] / alone[k];
          least = fmin(least, help);
          most = fmax(most, help);
        }
      }
      mean = sum / (samples - 1);
      other += hard / hardest + dead + slack + turned + left + own + least + most + energy[samples - 1] - energy[0];
    }
    took = now() - began;
    best = fmax(best, 1000 / (now() - round_began));
  } while (took < seconds);
  printf("%.0f %.9f %.9f %.9f %.9f\n", best, mean, anchor, back[0], other);
  return 0;
}
