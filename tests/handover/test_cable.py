"""Recordings of the charging cable on the sheets and as files."""

from pathlib import Path

import numpy as np
import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.heat.kept import HeatTrace
from daruma.core.job import Job, Ticket
from daruma.core.parts import Function
from daruma.core.power.recording import Recording
from daruma.core.power.signature import Boot
from daruma.handover.cable import amount, csv_of, lasts, row_of, sentence, started
from daruma.handover.letterhead import Letterhead
from daruma.handover.meter_log import read_log
from daruma.handover.sheet import Audience, make_sheet, render

LOOPS = Recording(
    "1" * 32, "2026-11-28T10:00:00+00:00", "Intake", "meter SM-1", "x", 3, 900, 90.0, (12.3456, 0.021), (61.7, 0.11)
)
LOOPS = replace(LOOPS, boot=Boot.LOOPS.value, why="5 starts, one every 18 s, and none lasted")
BOOTS = replace(LOOPS, uid="2" * 32, stage="Proof", boot=Boot.BOOTS.value, why="a start as this model does it (likeness 0.99)")


@pytest.mark.parametrize(
    ("measured", "said"),
    [
        ((12.3456, 0.021), "12.346 ± 0.041"),
        ((1234.0, 60.0), "1234 ± 118"),
        ((0.5, 0.0), "0.5 ± 0.0"),
        ((3.0, 0.5), "3.00 ± 0.98"),
    ],
)
def test_an_amount_has_the_digits_that_its_uncertainty_gives(measured: tuple[float, float], said: str) -> None:
    assert amount(measured) == said


def test_times_in_words() -> None:
    assert [lasts(each) for each in (0, 59.9, 75, 3599, 3600, 29000)] == [
        "0:00 min",
        "0:59 min",
        "1:15 min",
        "59:59 min",
        "1:00 h",
        "8:03 h",
    ]


def test_what_a_customer_is_told() -> None:
    unknown = replace(BOOTS, boot=Boot.UNKNOWN.value)
    assert started(()) == started((unknown,)) == ""
    assert started((LOOPS,)) == "On the charger it started again and again."
    assert started((LOOPS, unknown, BOOTS)).startswith("Before: On the charger it started again")
    assert started((BOOTS, BOOTS)) == "On the charger it starts as this model should."
    assert "12.346 ± 0.041 mAh" in sentence(LOOPS)
    assert sentence(replace(LOOPS, note="cut off")).endswith("Cut off.")


def test_the_sheets_tell_of_recordings(catalogue: Catalogue) -> None:
    model = catalogue.models["cedar"]
    job = Job(1, "2026-11-28T09:00:00+00:00", Ticket(model="cedar", imei="490154203237518", promised=(Function.TOUCH,)), uid="u")
    job = replace(job, recordings=(LOOPS, replace(BOOTS, source="file <b>.csv")))
    sheet = make_sheet(Letterhead("x"), job, model, catalogue.function_labels, catalogue.function_meaning, {}, (), ())
    shop, customer = render(sheet, Audience.SHOP, ()), render(sheet, Audience.CUSTOMER, ())
    assert row_of(LOOPS)[3] in shop
    assert "file &lt;b&gt;.csv" in shop
    assert "one every 18 s" in shop
    assert "Before: On the charger it started again and again." in customer
    assert "mAh" not in customer
    heat = HeatTrace(
        "lift_chip",
        "2026-11-28T10:00:00+00:00",
        "thermocouple ST-1",
        (0.0, 1.0, 2.0),
        (25.0, 330.0, 40.0),
        330.0,
        ("hotter than allowed",),
    )
    warm = make_sheet(
        Letterhead("x"), replace(job, heats=(heat,)), model, catalogue.function_labels, catalogue.function_meaning, {}, (), ()
    )
    assert "at most 330 °C: hotter than allowed" in render(warm, Audience.SHOP, ())
    assert "330" not in render(warm, Audience.CUSTOMER, ())
    bare = make_sheet(
        Letterhead("x"), replace(job, recordings=()), model, catalogue.function_labels, catalogue.function_meaning, {}, (), ()
    )
    assert "charging cable" not in render(bare, Audience.SHOP, ())


def test_what_goes_out_as_csv_is_read_in_again(tmp_path: Path) -> None:
    rng = np.random.default_rng(3)
    t = np.cumsum(rng.uniform(0.01, 2, 500))
    volts, amps = rng.uniform(3, 5, 500), rng.uniform(-1, 2, 500)
    file = tmp_path / "out.csv"
    file.write_bytes(csv_of(t, volts, amps))
    back = read_log(file)
    for mine, theirs in ((t - t[0], back.t), (volts, back.v), (amps, back.a)):
        assert np.abs(mine - theirs).max() < 2e-6
    assert {key: column.unit for key, column in back.columns.items()} == {"t": "s", "v": "V", "a": "A"}
