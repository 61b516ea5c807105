/*
 * The energy balance of src/core/shelter/balance/assembly, line by line in C, to say what native code takes
 * for the same steps. Reads the steps of weather and the stack from standard input, prints the
 * temperature at the crop after the last step, its sum over all, and the processor time of a run.
 */
#include <math.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <time.h>
#include "values.h"

#define MOST_COVERS 6
#define MOST (2 * MOST_COVERS + 2)
static const double STEFAN_BOLTZMANN = 5.670374e-8, KELVIN = 273.15, GAMMA = 66;

typedef struct {
  double tempC[SOIL_LAYERS], heatJ[SOIL_LAYERS], capacity[SOIL_LAYERS];
  double slope[SOIL_LAYERS + 1], base[SOIL_LAYERS + 1];
} Column;

typedef struct {
  double share, areaRatio, light, wetLets, dryLets, leakStill, leakPerMps, airHeat;
  double tempC, airC, leakWPerK;
  int isRemovable, isWet, isOff;
} Cover;

typedef struct {
  Cover covers[MOST_COVERS];
  Column bed, path;
  double surfaceC, pathC, pathShare, vents, gap, leafArea, leavesHide, outward, moist, vapourOut;
  double sunW, skyIn;
  int count, size;
  double matrix[MOST * MOST], right[MOST];
  double down[(MOST_COVERS + 1) * (MOST + 1)], up[(MOST_COVERS + 1) * (MOST + 1)];
  double pathUp[MOST + 1], tau[MOST_COVERS], emits[MOST_COVERS + 2], emitsMore[MOST_COVERS + 2];
} Balance;

static double heatAt(double c) {
  if (c >= 0) return HEAT_J_PER_M3K * c;
  if (c >= FREEZES_TO_C) return FREEZING_J_PER_M3K * c;
  return HEAT_J_PER_M3K * c - LATENT_J_PER_M3;
}

static double tempOf(double heat) {
  if (heat >= 0) return heat / HEAT_J_PER_M3K;
  if (heat >= FREEZING_J_PER_M3K * FREEZES_TO_C) return heat / FREEZING_J_PER_M3K;
  return (heat + LATENT_J_PER_M3) / HEAT_J_PER_M3K;
}

static void prepare(Column *s, double deepC, double stepS) {
  double slopeBelow = 0, baseBelow = deepC;
  s->slope[SOIL_LAYERS] = 0;
  s->base[SOIL_LAYERS] = deepC;
  for (int layer = SOIL_LAYERS - 1; layer >= 0; layer -= 1) {
    double c = s->tempC[layer];
    int freezes = c < 0 && c > FREEZES_TO_C;
    double capacity = (freezes ? FREEZING_J_PER_M3K : HEAT_J_PER_M3K) * THICKNESS_M[layer];
    s->capacity[layer] = capacity;
    double above = CONDUCTANCE[layer], below = CONDUCTANCE[layer + 1], keeps = capacity / stepS;
    double share = 1 / (keeps + above + below * (1 - slopeBelow));
    baseBelow = (keeps * c + below * baseBelow) * share;
    slopeBelow = above * share;
    s->slope[layer] = slopeBelow;
    s->base[layer] = baseBelow;
  }
}

static void settle(Column *s, double surfaceC) {
  double aboveC = surfaceC;
  for (int layer = 0; layer < SOIL_LAYERS; layer += 1) {
    double nextC = s->slope[layer] * aboveC + s->base[layer];
    double heat = s->heatJ[layer] + s->capacity[layer] * (nextC - s->tempC[layer]);
    s->heatJ[layer] = heat;
    s->tempC[layer] = tempOf(heat / THICKNESS_M[layer]);
    aboveC = nextC;
  }
}

static double saturatedPa(double c) {
  double t = fmax(c, -50);
  double third = 2.650648471e-4 + t * (3.031240396e-6 + t * (2.034080948e-8 + t * 6.136820929e-11));
  return 100 * (6.107799961 + t * (4.436518521e-1 + t * (1.428945805e-2 + t * third)));
}

static double saturationSlope(double c) {
  double t = fmax(c, -50);
  double third = 3 * 2.650648471e-4 + t * (4 * 3.031240396e-6 + t * (5 * 2.034080948e-8 + t * (6 * 6.136820929e-11)));
  return 100 * (4.436518521e-1 + t * (2 * 1.428945805e-2 + t * third));
}

static double wetting(double c, double factor) { return 1 + factor * saturationSlope(c) / GAMMA; }

static double transpirationW(double sunW, double c, double leafArea) {
  if (sunW <= 0 || leafArea <= 0) return 0;
  double slope = saturationSlope(c), passes = 2 * LEAF_CONVECTION_W_PER_M2K * leafArea;
  double leaf = LEAF_RESISTANCE_S_PER_M / (0.5 * leafArea), air = AIR_J_PER_M3K / passes;
  double lacks = (1 - LEAF_HUMIDITY) * saturatedPa(c);
  return fmin((slope * sunW + passes * lacks) / (slope + GAMMA * (1 + leaf / air)), sunW);
}

static double outsideWPerM2K(double wind) { return OUTSIDE_STILL + OUTSIDE_PER_MPS * wind; }
static double coverHeat(const Cover *c) { return COVER_J_PER_M2K * c->areaRatio * c->share; }

static void gainPerK(Balance *b, int one, int other, double w) { b->matrix[one * b->size + other] -= w; }
static void couple(Balance *b, int one, int other, double w) {
  gainPerK(b, one, other, w);
  gainPerK(b, one, one, -w);
  gainPerK(b, other, one, w);
  gainPerK(b, other, other, -w);
}
static void anchor(Balance *b, int one, double c, double w) {
  gainPerK(b, one, one, -w);
  b->right[one] += w * c;
}

static void solve(Balance *b) {
  double *matrix = b->matrix, *right = b->right;
  int size = b->size;
  for (int pivot = 0; pivot < size; pivot += 1) {
    int lead = pivot * size;
    double inverse = 1 / matrix[lead + pivot];
    for (int row = pivot + 1; row < size; row += 1) {
      int place = row * size;
      double below = matrix[place + pivot];
      if (below == 0) continue;
      double factor = below * inverse;
      for (int column = pivot + 1; column < size; column += 1) matrix[place + column] -= factor * matrix[lead + column];
      right[row] -= factor * right[pivot];
    }
  }
  for (int row = size - 1; row >= 0; row -= 1) {
    int place = row * size;
    double sum = right[row];
    for (int column = row + 1; column < size; column += 1) sum -= matrix[place + column] * right[column];
    right[row] = sum / matrix[place + row];
  }
}

static void emission(Balance *b, int surface, double c) {
  double kelvin = c + KELVIN, cubed = STEFAN_BOLTZMANN * kelvin * kelvin * kelvin;
  b->emits[surface] = cubed * (kelvin - 4 * c);
  b->emitsMore[surface] = 4 * cubed;
}

static void fromGround(Balance *b, double *up, const double *down, int surface, int unknown) {
  for (int at = 0; at <= b->size; at += 1) up[at] = (1 - SOIL_EMISSIVITY) * down[at];
  up[unknown] += SOIL_EMISSIVITY * b->emitsMore[surface];
  up[b->size] += SOIL_EMISSIVITY * b->emits[surface];
}

static void intoSoilLongwave(Balance *b, const double *down, int unknown, int surface, double share) {
  double takes = share * SOIL_EMISSIVITY;
  int row = unknown * b->size;
  for (int at = 0; at < b->size; at += 1) b->matrix[row + at] -= takes * down[at];
  b->matrix[row + unknown] += takes * b->emitsMore[surface];
  b->right[unknown] += takes * (down[b->size] - b->emits[surface]);
}

static void longwave(Balance *b, double sky, int snow) {
  int size = b->size, width = size + 1, covers = b->count, bed = 2 * covers;
  double *down = b->down, *up = b->up, pathShare = b->pathShare;
  for (int at = 0; at < covers; at += 1) {
    Cover *one = &b->covers[at];
    double lets = at == 0 && snow ? 0 : one->isWet ? one->wetLets : one->dryLets;
    b->tau[at] = one->isOff ? 1 : lets;
    emission(b, at, one->tempC);
  }
  emission(b, covers, b->surfaceC);
  if (pathShare > 0) emission(b, covers + 1, b->pathC);
  down[size] = sky;
  for (int cover = 0; cover < covers; cover += 1) {
    double through = b->tau[cover];
    int from = cover * width, to = from + width;
    for (int at = 0; at < cover; at += 1) down[to + at] = through * down[from + at];
    down[to + cover] = (1 - through) * b->emitsMore[cover];
    down[to + size] = through * down[from + size] + (1 - through) * b->emits[cover];
  }
  fromGround(b, up + covers * width, down + covers * width, covers, bed);
  if (pathShare > 0) fromGround(b, b->pathUp, down + width, covers + 1, bed + 1);
  for (int cover = covers - 1; cover > 0; cover -= 1) {
    double through = b->tau[cover];
    int to = cover * width, from = to + width;
    for (int at = 0; at < width; at += 1) up[to + at] = through * up[from + at];
    up[to + cover] += (1 - through) * b->emitsMore[cover];
    up[to + size] += (1 - through) * b->emits[cover];
  }
  if (pathShare > 0)
    for (int at = 0; at < width; at += 1) up[width + at] = (1 - pathShare) * up[width + at] + pathShare * b->pathUp[at];
  for (int cover = 0; cover < covers; cover += 1) {
    double takes = b->covers[cover].share * (1 - b->tau[cover]);
    if (takes == 0) continue;
    double passes = cover == 0 ? b->outward : 1;
    int above = cover * width, below = above + width, row = cover * size;
    for (int at = 0; at < size; at += 1) b->matrix[row + at] -= takes * (passes * down[above + at] + up[below + at]);
    b->right[cover] += takes * (passes * down[above + size] + up[below + size]);
    b->matrix[row + cover] += takes * (1 + passes) * b->emitsMore[cover];
    b->right[cover] -= takes * (1 + passes) * b->emits[cover];
  }
  intoSoilLongwave(b, down + covers * width, bed, covers, 1 - pathShare);
  if (pathShare > 0) intoSoilLongwave(b, down + width, bed + 1, covers + 1, pathShare);
  b->skyIn = (b->outward * (1 - b->tau[0]) + b->tau[0]) * sky;
}

static void intoSoil(Balance *b, int surface, const Column *s, double share) {
  double passes = share * CONDUCTANCE[0];
  gainPerK(b, surface, surface, -passes * (1 - s->slope[0]));
  b->right[surface] += passes * s->base[0];
}

static void prepareCovers(Balance *b, double wind, double vent, int innerOn, int snow) {
  for (int at = 0; at < b->count; at += 1) {
    Cover *c = &b->covers[at];
    c->isOff = at > 0 && c->isRemovable && !innerOn;
    double changes = 400;
    if (at == 0) changes = c->leakStill + c->leakPerMps * wind + vent * b->vents;
    else if (!c->isOff) changes = c->leakStill;
    c->leakWPerK = c->airHeat * changes / 3600;
  }
  double bySheet = b->gap > 0 ? b->gap / (b->gap + outsideWPerM2K(wind) + 3.7) : 1;
  b->outward = snow ? fmin(LOSS_UNDER_SNOW, bySheet) : bySheet;
  b->moist = wetting(b->covers[0].airC, WET_AIR);
}

static void exchange(Balance *b, double airC, double wind, double stepS) {
  int count = b->count, bed = 2 * count;
  for (int at = 0; at < count; at += 1) {
    Cover *c = &b->covers[at];
    double area = c->areaRatio * c->share;
    int air = count + at;
    if (at == 0) {
      anchor(b, 0, airC, area * outsideWPerM2K(wind) * b->outward);
      anchor(b, air, airC, b->moist * c->leakWPerK);
    } else {
      if (!c->isOff) couple(b, at, air - 1, area * INSIDE_W_PER_M2K);
      couple(b, air, air - 1, c->leakWPerK);
    }
    int wets = c->isWet && !c->isOff;
    double inside = wets ? INSIDE_W_PER_M2K * wetting(c->tempC, WET_COVER) : INSIDE_W_PER_M2K;
    couple(b, at, air, area * inside);
    anchor(b, at, c->tempC, coverHeat(c) / stepS);
    anchor(b, air, c->airC, c->airHeat / stepS);
  }
  couple(b, bed, bed - 1, (1 - b->pathShare) * (SOIL_W_PER_M2K * wetting(b->surfaceC, WET_SOIL)));
  if (b->pathShare > 0) couple(b, bed + 1, count, b->pathShare * (SOIL_W_PER_M2K * wetting(b->pathC, WET_SOIL)));
}

static double sun(Balance *b, double sunW, int snow) {
  b->vapourOut = 0;
  if (sunW <= 0) return 0;
  int count = b->count;
  double light = sunW * (snow ? LIGHT_UNDER_SNOW : 1), belowOutermost = light, taken = 0;
  for (int at = 0; at < count; at += 1) {
    Cover *c = &b->covers[at];
    double through = c->isOff ? 1 : c->light;
    double kept = light * (1 - through) * COVER_ABSORBS * c->share;
    b->right[at] += kept;
    taken += kept;
    light *= through;
    if (at == 0) belowOutermost = light;
  }
  double bedShare = 1 - b->pathShare, ground = SOIL_ABSORBS * light;
  b->right[2 * count] += bedShare * ground * (1 - b->leavesHide);
  double leavesW = ground * b->leavesHide;
  double vapour = bedShare * transpirationW(leavesW, b->covers[count - 1].airC, b->leafArea);
  b->right[2 * count - 1] += bedShare * leavesW - vapour;
  for (int at = count - 1; at >= 0 && vapour > 0; at -= 1) {
    Cover *c = &b->covers[at];
    if (!c->isWet || c->isOff) continue;
    double film = c->areaRatio * c->share * INSIDE_W_PER_M2K;
    double condenses = vapour * film / (film + c->leakWPerK);
    b->right[at] += condenses;
    vapour -= condenses;
  }
  b->vapourOut = vapour;
  taken += bedShare * ground;
  if (b->pathShare > 0) {
    double path = b->pathShare * SOIL_ABSORBS * belowOutermost;
    b->right[2 * count + 1] += path;
    taken += path;
  }
  return taken;
}

static void step(Balance *b, double airC, double sky, double sunWPerM2, double wind, double deepC, double stepS, double vent, int innerOn, int snow) {
  int count = b->count;
  memset(b->matrix, 0, sizeof(double) * b->size * b->size);
  memset(b->right, 0, sizeof(double) * b->size);
  prepare(&b->bed, deepC, stepS);
  if (b->pathShare > 0) prepare(&b->path, deepC, stepS);
  prepareCovers(b, wind, vent, innerOn, snow);
  longwave(b, sky, snow);
  exchange(b, airC, wind, stepS);
  b->sunW = sun(b, sunWPerM2, snow);
  intoSoil(b, 2 * count, &b->bed, 1 - b->pathShare);
  if (b->pathShare > 0) intoSoil(b, 2 * count + 1, &b->path, b->pathShare);
  solve(b);
  double *solved = b->right;
  for (int at = 0; at < count; at += 1) {
    Cover *c = &b->covers[at];
    c->tempC = solved[at];
    c->airC = solved[count + at];
    double colder = c->airC - c->tempC;
    if (colder > 0.3) c->isWet = 1;
    else if (colder <= 0) c->isWet = 0;
  }
  b->surfaceC = solved[2 * count];
  settle(&b->bed, b->surfaceC);
  if (b->pathShare > 0) {
    b->pathC = solved[2 * count + 1];
    settle(&b->path, b->pathC);
  }
}

static double number(void) {
  double value;
  if (scanf("%lf", &value) != 1) exit(1);
  return value;
}

/* Starts: covers, path share, vents, gap, leaf area, deep, step, runs; each cover; layers; surface; steps. */
int main(void) {
  static Balance start, b;
  start.count = (int)number();
  start.pathShare = number();
  start.vents = number();
  start.gap = number();
  start.leafArea = number();
  start.leavesHide = 1 - exp(-0.6 * start.leafArea);
  double deepC = number(), stepS = number(), startC = number();
  int runs = (int)number();
  start.size = 2 * start.count + (start.pathShare > 0 ? 2 : 1);
  for (int at = 0; at < start.count; at += 1) {
    Cover *c = &start.covers[at];
    c->share = at == 0 ? 1 : 1 - start.pathShare;
    c->areaRatio = number();
    c->light = number();
    c->wetLets = number();
    c->dryLets = number();
    c->isRemovable = (int)number();
    c->airHeat = number() * c->share;
    c->leakStill = number();
    c->leakPerMps = number();
    c->tempC = c->airC = startC;
    c->isWet = 1;
  }
  for (int layer = 0; layer < SOIL_LAYERS; layer += 1) {
    double c = number();
    start.bed.tempC[layer] = start.path.tempC[layer] = c;
    start.bed.heatJ[layer] = start.path.heatJ[layer] = heatAt(c) * THICKNESS_M[layer];
  }
  start.surfaceC = start.pathC = number();
  int steps = (int)number();
  double *weather = malloc(sizeof(double) * 4 * steps);
  for (int at = 0; at < 4 * steps; at += 1) weather[at] = number();
  double best = 1e9, sum = 0;
  for (int run = 0; run < runs; run += 1) {
    clock_t from = clock();
    b = start;
    sum = 0;
    for (int at = 0; at < steps; at += 1) {
      const double *w = weather + 4 * at;
      step(&b, w[0], w[1], w[2], w[3], deepC, stepS, 0, 1, 0);
      sum += b.covers[b.count - 1].airC;
    }
    double ms = 1000.0 * (clock() - from) / CLOCKS_PER_SEC;
    if (ms < best) best = ms;
  }
  printf("%.9f %.6f %.4f\n", b.covers[b.count - 1].airC, sum, best);
  return 0;
}
