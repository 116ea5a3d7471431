/*
 * The same sums as packages/core/src/demand/solve-rig.ts and settle-links.ts in plain loops: what
 * the hot path is measured against. Used by the bench alone, which builds it once without links
 * (-DLINKED=0) and once with (-DLINKED=1), so that neither pays for the other.
 *
 * stdin:  linear sided bodyweight samples asked tracked nodes links runs seconds; of each run: segments
 *         rest extra c1 c2 c3 loss linked and its path; then the places of the nodes (links last),
 *         the links' first guesses, the demand's weights, demand without the band, strength of the
 *         muscle, and the track of each node.
 * stdout: solves per second in the best of many short rounds, and the mean demand, to compare with
 *         the core's.
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

struct run {
  int segments, linked, taut;
  double rest, extra, c1, c2, c3, loss;
  double *path;
};

/* What settle() works on; main() has the nodes and samples as its own. */
static int phases, links, runs, fixed, n;
static struct run *run;
static double *nx, *ny, *nz, *guess;
/* Of one phase: places of the nodes, of the links, their trial, gradient, Hessian, factor, step. */
static double *at, *place, *trial, *start, *moved, *gradient, *hessian, *factor, *step, *longer, *seg;
static const double kink = 1e-12;
#define ROUNDED(square) (LINKED ? (square) + kink : (square))

static double evaluate(const double *where) {
  double energy = 0;
  memcpy(at + 3 * fixed, where, n * 8);
  memset(gradient, 0, n * 8);
  memset(hessian, 0, n * n * 8);
  for (int r = 0; r < runs; r++) {
    struct run a = run[r];
    if (!a.linked) continue;
    double length = a.extra;
    memset(longer, 0, n * 8);
    for (int s = 0; s < a.segments; s++) {
      int i = (int)a.path[s], j = (int)a.path[s + 1];
      double *v = seg + 4 * s;
      for (int c = 0; c < 3; c++) v[c] = at[3 * j + c] - at[3 * i + c];
      v[3] = sqrt(v[0] * v[0] + v[1] * v[1] + v[2] * v[2] + kink);
      length += v[3];
      for (int c = 0; c < 3; c++) {
        if (i >= fixed) longer[3 * (i - fixed) + c] -= v[c] / v[3];
        if (j >= fixed) longer[3 * (j - fixed) + c] += v[c] / v[3];
      }
    }
    double l = length / a.rest;
    run[r].taut = l > 1;
    if (l <= 1) continue;
    double q = 1 / l, q2 = q * q, f = l - q2, g = l * l + 2 * q - 3, fs = 1 + 2 * q2 * q;
    double t = a.c1 * f + a.c2 * (1 - q2 * q) + a.c3 * f * g;
    double stiff = (a.c1 * fs + 3 * a.c2 * q2 * q2 + a.c3 * (fs * g + 2 * f * f)) / a.rest;
    for (int i = 0; i < n; i++) {
      if (longer[i] == 0) continue;
      gradient[i] += t * longer[i];
      for (int j = 0; j < n; j++) hessian[i * n + j] += stiff * longer[i] * longer[j];
    }
    for (int s = 0; s < a.segments; s++) {
      int i = (int)a.path[s] - fixed, j = (int)a.path[s + 1] - fixed;
      double *v = seg + 4 * s;
      if (i == j || (i < 0 && j < 0)) continue;
      for (int c = 0; c < 3; c++) {
        for (int d = 0; d < 3; d++) {
          double bend = t / v[3] * ((c == d) - v[c] * v[d] / (v[3] * v[3]));
          if (i >= 0) hessian[(3 * i + c) * n + 3 * i + d] += bend;
          if (j >= 0) hessian[(3 * j + c) * n + 3 * j + d] += bend;
          if (i >= 0 && j >= 0) {
            hessian[(3 * i + c) * n + 3 * j + d] -= bend;
            hessian[(3 * j + c) * n + 3 * i + d] -= bend;
          }
        }
      }
    }
    energy += a.rest * (a.c1 * g * 0.5 + a.c2 * (l + 0.5 * q2 - 1.5) + a.c3 * g * g * 0.25);
  }
  return energy;
}

static int factorise(double shift) {
  for (int i = 0; i < n; i++) {
    for (int j = 0; j <= i; j++) {
      double sum = hessian[i * n + j] + (i == j ? shift : 0);
      for (int k = 0; k < j; k++) sum -= factor[i * n + k] * factor[j * n + k];
      if (i == j && !(sum > 0)) return 0;
      factor[i * n + j] = i == j ? sqrt(sum) : sum / factor[j * n + j];
    }
  }
  return 1;
}

/* The step of Newton's method, turned round; returns the slope along it. */
static double newton_step(void) {
  double stiffest = 1, shift = 0, slope = 0;
  for (int i = 0; i < n; i++) stiffest = fmax(stiffest, hessian[i * n + i]);
  while (!factorise(shift)) shift = shift == 0 ? stiffest * 1e-10 : shift * 10;
  for (int i = 0; i < n; i++) {
    double sum = gradient[i];
    for (int k = 0; k < i; k++) sum -= factor[i * n + k] * step[k];
    step[i] = sum / factor[i * n + i];
  }
  for (int i = n - 1; i >= 0; i--) {
    double sum = step[i];
    for (int k = i + 1; k < n; k++) sum -= factor[k * n + i] * step[k];
    step[i] = sum / factor[i * n + i];
  }
  for (int i = 0; i < n; i++) slope -= step[i] * gradient[i];
  return slope;
}

static double norm(void) {
  double sum = 0;
  for (int i = 0; i < n; i++) sum += gradient[i] * gradient[i];
  return sqrt(sum);
}

/* Newton with a line search; returns the force that is left, N. */
static double descend(void) {
  double energy = evaluate(place), force = norm();
  for (int i = 0; i < 50 && force > 1e-9; i++) {
    double slope = newton_step(), share = 1;
    int accepted = 0;
    for (int h = 0; h < 50 && !accepted; h++, share /= 2) {
      for (int j = 0; j < n; j++) trial[j] = place[j] - share * step[j];
      double e = evaluate(trial), f = norm();
      accepted = e < energy + 1e-4 * share * slope || (fabs(e - energy) <= 1e-11 * energy + 1e-12 && f < force);
      if (accepted) { energy = e; force = f; }
    }
    if (!accepted) { evaluate(place); return force; }
    double *kept = place;
    place = trial;
    trial = kept;
  }
  return force;
}

static void settle(void) {
  int known = 0;
  memcpy(start, guess, n * 8);
  memset(moved, 0, n * 8);
  for (int k = 0; k < phases; k++) {
    for (int i = 0; i < n; i++) place[i] = start[i] + moved[i];
    for (int r = 0; r < runs; r++) {
      if (!run[r].linked) continue;
      for (int s = 0; s < run[r].segments; s++) {
        int i = (int)run[r].path[s];
        if (i >= fixed) continue;
        at[3 * i] = nx[i * phases + k]; at[3 * i + 1] = ny[i * phases + k]; at[3 * i + 2] = nz[i * phases + k];
      }
    }
    /* The core rounds the kinks off where this does not come to rest; the set-up measured does. */
    if (descend() > 1e-6) exit(3);
    int all = 1;
    for (int l = 0; l < links; l++) {
      int held = 0;
      for (int r = 0; r < runs; r++)
        for (int s = 0; run[r].taut && s < run[r].segments; s++) held |= (int)run[r].path[s] == fixed + l;
      all &= held;
    }
    for (int i = 0; all && i < n; i++) {
      moved[i] = known ? place[i] - start[i] : 0;
      start[i] = place[i];
    }
    known |= all;
    for (int l = 0; l < links; l++) {
      nx[(fixed + l) * phases + k] = place[3 * l];
      ny[(fixed + l) * phases + k] = place[3 * l + 1];
      nz[(fixed + l) * phases + k] = place[3 * l + 2];
    }
  }
}

int main(void) {
  int linear, sided, bodyweight, samples, asked, tracked, nodes, longest_path = 1;
  double seconds;
  if (scanf("%d %d %d %d %d %d %d %d %d %lf", &linear, &sided, &bodyweight, &samples, &asked, &tracked, &nodes, &links, &runs, &seconds) != 10) return 2;
  run = calloc(runs, sizeof(struct run));
  for (int r = 0; r < runs; r++) {
    struct run *a = &run[r];
    if (scanf("%d %lf %lf %lf %lf %lf %lf %d", &a->segments, &a->rest, &a->extra, &a->c1, &a->c2, &a->c3, &a->loss, &a->linked) != 8) return 2;
    a->path = numbers(a->segments + 1);
    if (a->segments > longest_path) longest_path = a->segments;
  }
  fixed = nodes - links;
  n = 3 * links;
  double *x = numbers(nodes * samples), *y = numbers(nodes * samples), *z = numbers(nodes * samples);
  phases = samples, nx = x, ny = y, nz = z;
  guess = numbers(n);
  double *wx = numbers(nodes * samples), *wy = numbers(nodes * samples), *alone = numbers(samples), *strength = numbers(samples);
  double *track = numbers(nodes);
  at = calloc(3 * nodes, 8); seg = calloc(4 * longest_path, 8);
  place = calloc(n + 1, 8); trial = calloc(n + 1, 8); start = calloc(n + 1, 8); moved = calloc(n + 1, 8);
  gradient = calloc(n + 1, 8); step = calloc(n + 1, 8); longer = calloc(n + 1, 8);
  hessian = calloc(n * n + 1, 8); factor = calloc(n * n + 1, 8);
  double *length = calloc(samples, 8), *stretch = calloc(runs * samples, 8), *strand = calloc(samples, 8);
  double *energy = calloc(samples, 8), *gain = calloc(samples, 8), *demand = calloc(samples, 8), *back = calloc(samples, 8);
  double *px = calloc(tracked * samples, 8), *py = calloc(tracked * samples, 8), *pz = calloc(tracked * samples, 8);
  double *ex = calloc(tracked * samples, 8), *ey = calloc(tracked * samples, 8), *ez = calloc(tracked * samples, 8);
  double *lx = calloc(tracked * samples, 8), *ly = calloc(tracked * samples, 8), *lz = calloc(tracked * samples, 8);
  int rounds = LINKED ? 100 : 1000;
  double mean = 0, other = 0, anchor = 0, best = 0, began = now(), took;
  do {
    double round_began = now();
    for (int round = 0; round < rounds; round++) {
      size_t forces = (size_t)tracked * samples * 8;
      double scale = 1 + 1e-9 * (round & 7); /* no two solves alike, so that none is left out */
      memcpy(demand, alone, samples * 8);
      memcpy(back, alone, samples * 8);
      memset(ex, 0, forces); memset(ey, 0, forces); memset(ez, 0, forces);
      memset(lx, 0, forces); memset(ly, 0, forces); memset(lz, 0, forces);
      if (LINKED) settle();
      for (int r = 0; r < runs; r++) {
        struct run a = run[r];
        double *ratio = stretch + r * samples;
        memset(px, 0, forces); memset(py, 0, forces); memset(pz, 0, forces);
        for (int k = 0; k < samples; k++) { length[k] = a.extra; gain[k] = 0; }
        for (int s = 0; s < a.segments; s++) {
          int i = (int)a.path[s], j = (int)a.path[s + 1], ti = (int)track[i], tj = (int)track[j];
          for (int k = 0; k < samples; k++) {
            double dx = x[j * samples + k] - x[i * samples + k], dy = y[j * samples + k] - y[i * samples + k];
            double dz = z[j * samples + k] - z[i * samples + k], d = sqrt(ROUNDED(dx * dx + dy * dy + dz * dz));
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
          double l = length[k] * scale / a.rest;
          ratio[k] = l;
          if (l > longest && !(LINKED && a.linked && l <= 1)) longest = l;
          if (l <= 1) { strand[k] = energy[k] = 0; continue; }
          double q = 1 / l, q2 = q * q, f = l - q2, g = l * l + 2 * q - 3;
          strand[k] = a.c1 * f + a.c2 * (1 - q2 * q) + a.c3 * f * g;
          energy[k] = a.rest * (a.c1 * g * 0.5 + a.c2 * (l + 0.5 * q2 - 1.5) + a.c3 * g * g * 0.25);
        }
        double per = longest > 1 ? a.loss / (longest - 1) : 0;
        for (int k = 0; k < samples; k++) {
          double t = strand[k];
          if (t == 0) continue;
          double s = t * (1 - per * (longest - ratio[k]));
          double change = length[k == samples - 1 ? k : k + 1] - length[k == 0 ? 0 : k - 1];
          double up = change < -1e-9 ? s : t, down = change > 1e-9 ? s : t;
          demand[k] += up * gain[k];
          back[k] += down * gain[k];
          for (int i = k; i < tracked * samples; i += samples) {
            ex[i] += up * px[i]; ey[i] += up * py[i]; ez[i] += up * pz[i];
            lx[i] += down * px[i]; ly[i] += down * py[i]; lz[i] += down * pz[i];
          }
        }
      }
      if (!linear) {
        for (int k = 0; k < samples; k++) {
          double a = 0, b = 0, c = 0, d = 0, e = 0, f = 0;
          for (int i = k; i < asked * samples; i += samples) {
            a += ex[i]; b += ey[i]; c += ez[i];
            d += lx[i]; e += ly[i]; f += lz[i];
          }
          demand[k] = sqrt(a * a + b * b + c * c);
          back[k] = sqrt(d * d + e * e + f * f);
        }
      }
      anchor = 0;
      for (int i = asked * samples; i < tracked * samples; i++) {
        double a = sqrt(ex[i] * ex[i] + ey[i] * ey[i] + ez[i] * ez[i]), b = sqrt(lx[i] * lx[i] + ly[i] * ly[i] + lz[i] * lz[i]);
        if (a > anchor) anchor = a;
        if (b > anchor) anchor = b;
      }
      double peak = 0, hardest = 0, sum = 0, hard = 0, floor = 0, left = 0, own = 0, least = 1e9, most = -1e9;
      int dead = 0, slack = 0, turned = 0, reversed = 0;
      for (int k = 0; k < samples; k++) {
        double d = sided ? fmax(0, demand[k]) : fabs(demand[k]), h = d / strength[k], w = k == 0 || k == samples - 1 ? 0.5 : 1;
        if (d > peak) peak = d;
        if (h > hardest) hardest = h;
        sum += w * d;
        hard += w * h;
      }
      for (int k = 0; k < samples; k++) {
        if ((sided ? fmax(0, demand[k]) : fabs(demand[k])) < 0.1 * peak) dead++;
        if (sided && demand[k] < -1e-9) reversed++;
        int taut = 0;
        for (int r = 0; r < runs; r++) taut |= stretch[r * samples + k] > 1 + 1e-9;
        if (!taut) slack++;
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
      other += hard / hardest + dead + slack + turned + reversed + left + own + least + most + energy[samples - 1] - energy[0];
    }
    took = now() - began;
    best = fmax(best, rounds / (now() - round_began));
  } while (took < seconds);
  printf("%.0f %.9f %.9f %.9f %.9f\n", best, mean, anchor, back[0], other);
  return 0;
}
