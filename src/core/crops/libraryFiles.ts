// Written by `npm run crops` from the files of data/crops: not to be changed by hand.
import arugula from "@data/crops/arugula.json";
import arugulaWild from "@data/crops/arugula-wild.json";
import barleyShoots from "@data/crops/barley-shoots.json";
import basil from "@data/crops/basil.json";
import beet from "@data/crops/beet.json";
import borage from "@data/crops/borage.json";
import brassicaMicrogreens from "@data/crops/brassica-microgreens.json";
import broadBean from "@data/crops/broad-bean.json";
import broccoli from "@data/crops/broccoli.json";
import broccoliSprouting from "@data/crops/broccoli-sprouting.json";
import brusselsSprouts from "@data/crops/brussels-sprouts.json";
import bushBean from "@data/crops/bush-bean.json";
import cabbage from "@data/crops/cabbage.json";
import cabbageSavoy from "@data/crops/cabbage-savoy.json";
import cabbageSpring from "@data/crops/cabbage-spring.json";
import calendula from "@data/crops/calendula.json";
import carrot from "@data/crops/carrot.json";
import cauliflower from "@data/crops/cauliflower.json";
import cauliflowerOverwintering from "@data/crops/cauliflower-overwintering.json";
import celeriac from "@data/crops/celeriac.json";
import celery from "@data/crops/celery.json";
import chard from "@data/crops/chard.json";
import chervil from "@data/crops/chervil.json";
import chilli from "@data/crops/chilli.json";
import chineseCabbage from "@data/crops/chinese-cabbage.json";
import chives from "@data/crops/chives.json";
import cilantro from "@data/crops/cilantro.json";
import claytonia from "@data/crops/claytonia.json";
import collards from "@data/crops/collards.json";
import cress from "@data/crops/cress.json";
import cucumber from "@data/crops/cucumber.json";
import dandelion from "@data/crops/dandelion.json";
import dill from "@data/crops/dill.json";
import eggplant from "@data/crops/eggplant.json";
import endive from "@data/crops/endive.json";
import escarole from "@data/crops/escarole.json";
import fennel from "@data/crops/fennel.json";
import forcedBeet from "@data/crops/forced-beet.json";
import forcedCeleriac from "@data/crops/forced-celeriac.json";
import forcedChicory from "@data/crops/forced-chicory.json";
import forcedParsley from "@data/crops/forced-parsley.json";
import garlic from "@data/crops/garlic.json";
import garlicElephant from "@data/crops/garlic-elephant.json";
import globeArtichoke from "@data/crops/globe-artichoke.json";
import horseradish from "@data/crops/horseradish.json";
import jerusalemArtichoke from "@data/crops/jerusalem-artichoke.json";
import kale from "@data/crops/kale.json";
import kaleSiberian from "@data/crops/kale-siberian.json";
import kohlrabi from "@data/crops/kohlrabi.json";
import komatsuna from "@data/crops/komatsuna.json";
import leek from "@data/crops/leek.json";
import lettuce from "@data/crops/lettuce.json";
import lettuceCrisphead from "@data/crops/lettuce-crisphead.json";
import lettuceCutting from "@data/crops/lettuce-cutting.json";
import mache from "@data/crops/mache.json";
import mint from "@data/crops/mint.json";
import mintSeed from "@data/crops/mint-seed.json";
import minutina from "@data/crops/minutina.json";
import mizuna from "@data/crops/mizuna.json";
import mustardGreens from "@data/crops/mustard-greens.json";
import onion from "@data/crops/onion.json";
import onionOverwintering from "@data/crops/onion-overwintering.json";
import pakChoi from "@data/crops/pak-choi.json";
import parsley from "@data/crops/parsley.json";
import parsnip from "@data/crops/parsnip.json";
import peaShelling from "@data/crops/pea-shelling.json";
import peaShoots from "@data/crops/pea-shoots.json";
import peaSnap from "@data/crops/pea-snap.json";
import peaSnow from "@data/crops/pea-snow.json";
import poleBean from "@data/crops/pole-bean.json";
import potato from "@data/crops/potato.json";
import radicchio from "@data/crops/radicchio.json";
import radish from "@data/crops/radish.json";
import radishDaikon from "@data/crops/radish-daikon.json";
import radishMicrogreens from "@data/crops/radish-microgreens.json";
import rhubarb from "@data/crops/rhubarb.json";
import rootParsley from "@data/crops/root-parsley.json";
import runnerBean from "@data/crops/runner-bean.json";
import rutabaga from "@data/crops/rutabaga.json";
import sage from "@data/crops/sage.json";
import saladBurnet from "@data/crops/salad-burnet.json";
import saladMix from "@data/crops/salad-mix.json";
import salsify from "@data/crops/salsify.json";
import scallion from "@data/crops/scallion.json";
import scorzonera from "@data/crops/scorzonera.json";
import seaKale from "@data/crops/sea-kale.json";
import shallot from "@data/crops/shallot.json";
import snapdragon from "@data/crops/snapdragon.json";
import sorrel from "@data/crops/sorrel.json";
import spinach from "@data/crops/spinach.json";
import strawberry from "@data/crops/strawberry.json";
import sugarloaf from "@data/crops/sugarloaf.json";
import summerSquash from "@data/crops/summer-squash.json";
import sunflowerShoots from "@data/crops/sunflower-shoots.json";
import sweetCorn from "@data/crops/sweet-corn.json";
import sweetPepper from "@data/crops/sweet-pepper.json";
import sweetPotato from "@data/crops/sweet-potato.json";
import tatsoi from "@data/crops/tatsoi.json";
import thyme from "@data/crops/thyme.json";
import tomato from "@data/crops/tomato.json";
import turnip from "@data/crops/turnip.json";
import winterCress from "@data/crops/winter-cress.json";
import winterPea from "@data/crops/winter-pea.json";
import winterSquash from "@data/crops/winter-squash.json";
import witloof from "@data/crops/witloof.json";
import type { Crop } from "./schema";

/** The files of the library, one crop each. */
export const libraryFiles = [
  arugula,
  arugulaWild,
  barleyShoots,
  basil,
  beet,
  borage,
  brassicaMicrogreens,
  broadBean,
  broccoli,
  broccoliSprouting,
  brusselsSprouts,
  bushBean,
  cabbage,
  cabbageSavoy,
  cabbageSpring,
  calendula,
  carrot,
  cauliflower,
  cauliflowerOverwintering,
  celeriac,
  celery,
  chard,
  chervil,
  chilli,
  chineseCabbage,
  chives,
  cilantro,
  claytonia,
  collards,
  cress,
  cucumber,
  dandelion,
  dill,
  eggplant,
  endive,
  escarole,
  fennel,
  forcedBeet,
  forcedCeleriac,
  forcedChicory,
  forcedParsley,
  garlic,
  garlicElephant,
  globeArtichoke,
  horseradish,
  jerusalemArtichoke,
  kale,
  kaleSiberian,
  kohlrabi,
  komatsuna,
  leek,
  lettuce,
  lettuceCrisphead,
  lettuceCutting,
  mache,
  mint,
  mintSeed,
  minutina,
  mizuna,
  mustardGreens,
  onion,
  onionOverwintering,
  pakChoi,
  parsley,
  parsnip,
  peaShelling,
  peaShoots,
  peaSnap,
  peaSnow,
  poleBean,
  potato,
  radicchio,
  radish,
  radishDaikon,
  radishMicrogreens,
  rhubarb,
  rootParsley,
  runnerBean,
  rutabaga,
  sage,
  saladBurnet,
  saladMix,
  salsify,
  scallion,
  scorzonera,
  seaKale,
  shallot,
  snapdragon,
  sorrel,
  spinach,
  strawberry,
  sugarloaf,
  summerSquash,
  sunflowerShoots,
  sweetCorn,
  sweetPepper,
  sweetPotato,
  tatsoi,
  thyme,
  tomato,
  turnip,
  winterCress,
  winterPea,
  winterSquash,
  witloof,
] as unknown as readonly Crop[];
