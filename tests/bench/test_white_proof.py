"""Readings that cannot be judged: dark, broken, of no colour. They are refused with a sentence and raise nowhere else."""

import math

import numpy as np
import pytest
from hypothesis import given
from hypothesis import strategies as st
from msgspec.structs import replace

from daruma.bench.context import Context
from daruma.bench.kinds.display.proving import prove_white
from daruma.bench.workshop import Workshop
from daruma.catalogue.loader import Catalogue
from daruma.core.colour.adaptation import Method, adapt
from daruma.core.colour.temperature import cct_duv
from daruma.core.errors import Trouble
from daruma.core.job import Job, Reading
from daruma.core.white_proof import fault_of, samples_of
from daruma.link.devices import Colorimeter
from tests.conftest import taken_in

SOUND = Reading("warm", (300.0, 290.0, 200.0), (400.0, 380.0, 150.0), "now", "meter", 0.0005)
BROKEN = [
    (0.0, 0.0, 0.0),
    (300.0, 0.0, 200.0),
    (300.0, 290.0, 0.0),
    (math.nan, 290.0, 200.0),
    (300.0, math.inf, 200.0),
    (-1, 2, 3),
]
XYZ = st.tuples(*[st.one_of(st.floats(), st.floats(0.0, 500.0), st.just(0.0))] * 3)


@pytest.mark.parametrize("xyz", BROKEN)
def test_a_reading_that_cannot_be_judged_is_told_and_not_kept(
    xyz: tuple[float, float, float], workshop: Workshop, hero: Job, context: Context
) -> None:
    for broken in (replace(SOUND, screen=xyz), replace(SOUND, ambient=xyz)):
        assert "warm" in fault_of(broken)
        with pytest.raises(Trouble, match="Under warm light"):
            workshop.with_readings(hero, (SOUND, broken), context)
    kept = next(job for job in workshop.shop.jobs.all() if job.uid == hero.uid)
    assert kept.readings == hero.readings


def test_a_dark_screen_is_told_and_not_kept(
    workshop: Workshop, hero: Job, context: Context, monkeypatch: pytest.MonkeyPatch
) -> None:
    job = taken_in(workshop, hero, context)
    monkeypatch.setattr(Colorimeter, "read_screen", lambda _: (0.01, 0.0, 0.02))
    with pytest.raises(Trouble, match="gives no light under warm light") as told:
        workshop.measure(job, "warm", context)
    assert told.value.safe
    assert told.value.advice
    kept = next(each for each in workshop.shop.jobs.all() if each.uid == job.uid)
    assert kept.readings == ()


@given(st.lists(st.tuples(XYZ, XYZ), min_size=1, max_size=6))
def test_whatever_was_kept_before_is_judged_without_it(catalogue: Catalogue, rows: list[tuple[tuple[float, ...], ...]]) -> None:
    model = next(iter(catalogue.models.values()))
    lights = ("warm", "cool")
    readings = [replace(SOUND, light=lights[i % 2], screen=s, ambient=a) for i, (s, a) in enumerate(rows)]  # type: ignore[arg-type]
    proof, verdict = prove_white(model, readings, "now")
    assert verdict.sentence
    assert not any("nan" in value or "inf" in value for _, value in proof.numbers)
    assert sum(len(sample.screen) for sample in samples_of(readings)) == sum(not fault_of(each) for each in readings)


def test_a_white_without_a_colour_temperature_says_so(catalogue: Catalogue) -> None:
    green = replace(SOUND, screen=(100.0, 300.0, 20.0))
    proof, _ = prove_white(next(iter(catalogue.models.values())), (SOUND, replace(green, light="cool")), "now")
    assert dict(proof.numbers)["cool: CCT"] == "none: too far from any black body"


def test_rows_of_no_colour_leave_the_others_of_a_batch_alone() -> None:
    rows = [(0.3127, 0.3290), (math.nan, 0.3), (0.4476, 0.4075), (math.inf, math.inf), (1e300, -1e300)]
    kelvin, duv = cct_duv(rows)
    alone = [cct_duv(rows[i]) for i in (0, 2)]
    assert list(np.isnan(kelvin)) == list(np.isnan(duv)) == [False, True, False, True, True]
    assert [(kelvin[i], duv[i]) for i in (0, 2)] == [(k[0], d[0]) for k, d in alone]


@pytest.mark.parametrize("method", Method)
def test_nobody_adapts_to_a_white_without_cone_response(method: Method) -> None:
    with pytest.raises(ValueError, match="cone"):
        adapt((0.9, 1.0, 1.0), (0.0, 1.0, 20.0), (0.95, 1.0, 1.09), method)
    with pytest.raises(ValueError, match="cone"):
        adapt((0.9, 1.0, 1.0), (0.95, 1.0, 1.09), (9.0, 1.0, 0.0), method)
