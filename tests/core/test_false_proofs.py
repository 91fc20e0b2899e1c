"""How often something just outside its tolerance is called proven: at most 5 % (JCGM 106:2012, 8.3.2), and the other way
round, something just inside called off.

Random models, instruments, scatters and counts of readings from a seeded generator; the truth is one light or level on
the edge of its tolerance, where a mistake is likeliest.
"""

import random
from collections import Counter
from math import cos, pi, sin

import pytest

from daruma.catalogue.loader import Catalogue
from daruma.core.colour.brightness import Follows as Level_
from daruma.core.colour.brightness import judge_brightness
from daruma.core.colour.chromaticity import Pair, uv_to_xy, xy_to_uv, xy_to_xyz
from daruma.core.colour.follow import Follows, LightSample, judge, target_white
from daruma.core.colour.shots import Level
from daruma.core.display import wanted_luminance
from daruma.core.uncertainty import RISK
from tests.conftest import share

LIGHTS = {"warm": (0.4476, 0.4074), "cool": (0.3127, 0.3290)}  # CIE illuminants A and D65
LUX = (1.0, 10.0, 100.0, 1000.0, 10000.0)


def shifted(uv: Pair, by: float, turn: float) -> Pair:
    return uv[0] + by * cos(turn), uv[1] + by * sin(turn)


def noisy(uv: Pair, spread: float, rng: random.Random) -> Pair:
    return uv[0] + rng.gauss(0, spread), uv[1] + rng.gauss(0, spread)


def white(catalogue: Catalogue, rng: random.Random, edge: float, counts: tuple[int, int]) -> Follows:
    """Judge a white that is `edge` tolerances off under one light and right under the other."""
    path = rng.choice(tuple(catalogue.models.values())).white
    instrument, scatter = path.tolerance_uv * rng.uniform(0.05, 0.5), path.tolerance_uv * rng.uniform(0.02, 0.5)
    wrong = rng.choice(tuple(LIGHTS))
    samples = []
    for (light, xy), count in zip(LIGHTS.items(), counts, strict=True):
        ambient = xy_to_uv(xy)
        truth = target_white(path, ambient)
        if light == wrong:
            truth = shifted(truth, edge * path.tolerance_uv, rng.uniform(0, 2 * pi))
        lasting = noisy(truth, instrument, rng)
        screens = tuple(xy_to_xyz(uv_to_xy(noisy(lasting, scatter, rng)), 150.0) for _ in range(count))
        samples.append(LightSample(light, screens, xy_to_xyz(uv_to_xy(noisy(ambient, instrument, rng)), 100.0), instrument))
    return judge(path, samples, instrument).kind


def luminance(catalogue: Catalogue, rng: random.Random, edge: float, count: int) -> Level_:
    """Judge luminances of which one is `edge` tolerances too bright or too dark."""
    spec = rng.choice(tuple(catalogue.models.values())).display
    instrument, scatter = rng.uniform(0.003, 0.04), rng.uniform(0.001, 0.05)
    wrong, way = rng.choice(LUX), rng.choice((1, -1))
    levels = []
    for lux in LUX:
        truth = wanted_luminance(spec.brightness, lux)
        if lux == wrong:
            truth *= (1 + edge * spec.brightness_tolerance) ** way
        truth *= 1 + rng.gauss(0, instrument)
        levels.append(Level(lux, tuple(truth * max(0.05, 1 + rng.gauss(0, scatter)) for _ in range(count))))
    return judge_brightness(spec, levels, instrument).kind


def rates(catalogue: Catalogue, runs: int) -> dict[str, float]:
    """Return the share called proven just outside, and called off just inside, for each count of readings."""
    rng, found = random.Random("false proofs"), dict[str, float]()
    for count in (1, 2, 3, 5, 10):
        seen: Counter[str] = Counter()
        for _ in range(runs):
            # imports may hold one reading of one light and several of the other
            counts = (count, rng.choice((1, 2, 3, 5, 10)))
            seen["white proven"] += white(catalogue, rng, 1.001, counts) is Follows.FOLLOWS
            seen["white off"] += white(catalogue, rng, 0.999, counts) is Follows.OFF
            seen["luminance proven"] += luminance(catalogue, rng, 1.001, count) is Level_.FOLLOWS
            seen["luminance off"] += luminance(catalogue, rng, 0.999, count) is Level_.OFF
        found |= {f"{what}, {count} readings": number / runs for what, number in sorted(seen.items())}
    return found


@pytest.mark.parametrize("runs", share((100, 2000), 1))
def test_the_stated_risk_holds(runs: int, catalogue: Catalogue) -> None:
    found = rates(catalogue, runs)
    most = RISK + 3.3 * (RISK * (1 - RISK) / runs) ** 0.5  # the 99.9 % limit of the binomial distribution
    print({what: round(rate, 4) for what, rate in found.items()})
    assert {what: rate for what, rate in found.items() if rate > most} == {}
