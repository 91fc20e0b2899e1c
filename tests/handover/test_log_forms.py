"""Logs as meters, spreadsheets and people write them: each form is read right, or refused by line and cause.

Every time is written by the standard library from one true moment; nothing here is the reader's own.
"""

import csv
import io
from collections.abc import Callable
from datetime import UTC, datetime, timedelta
from pathlib import Path
from zoneinfo import ZoneInfo

import numpy as np
import pytest

from daruma.core.errors import Trouble
from daruma.handover.meter_answer import meter_answer
from daruma.handover.meter_log import read_log

COUNT = 240
T = np.arange(COUNT) * 1.0
V = 5.0 + 0.01 * np.sin(T)
A = np.where(T < 120, 1.25, 0.4)
BERLIN, NEW_YORK, KOLKATA = ZoneInfo("Europe/Berlin"), ZoneInfo("America/New_York"), ZoneInfo("Asia/Kolkata")
NOON = datetime(2026, 3, 4, 12, 0, tzinfo=UTC)
MIDNIGHT = datetime(2026, 3, 4, 23, 58, tzinfo=UTC)
SPRING = datetime(2026, 3, 29, 0, 58, tzinfo=UTC)  # the clock goes on by an hour in Berlin at 1:00
AUTUMN = datetime(2026, 10, 25, 0, 58, tzinfo=UTC)  # and back at 1:00
Write = Callable[[datetime], str]


def at(form: str, zone: ZoneInfo | None = None) -> Write:
    return lambda moment: moment.astimezone(zone or UTC).strftime(form)


def since(factor: float, digits: int = 0) -> Write:
    return lambda moment: f"{(moment - datetime(1970, 1, 1, tzinfo=UTC)) / timedelta(seconds=1) * factor:.{digits}f}"


def nanoseconds(moment: datetime) -> str:
    return f"{int((moment - datetime(1970, 1, 1, tzinfo=UTC)) / timedelta(seconds=1))}000000000"


# how a moment is written, and from when on
TIMES: dict[str, tuple[Write, datetime]] = {
    "seconds since 1970": (since(1, 2), NOON),
    "milliseconds since 1970": (since(1e3), NOON),
    "microseconds since 1970": (since(1e6), NOON),
    "nanoseconds since 1970": (nanoseconds, NOON),
    "iso": (at("%Y-%m-%dT%H:%M:%S"), NOON),
    "iso with a space": (at("%Y-%m-%d %H:%M:%S"), NOON),
    "iso with Z": (at("%Y-%m-%dT%H:%M:%SZ"), NOON),
    "iso with microseconds": (at("%Y-%m-%dT%H:%M:%S.%f"), NOON),
    "iso with an offset": (lambda moment: moment.astimezone(BERLIN).isoformat(), NOON),
    "iso with a short offset": (at("%Y-%m-%dT%H:%M:%S%z", BERLIN), NOON),
    "offset of a half hour": (lambda moment: moment.astimezone(KOLKATA).isoformat(), NOON),
    "offset over spring": (lambda moment: moment.astimezone(BERLIN).isoformat(), SPRING),
    "offset over autumn": (lambda moment: moment.astimezone(BERLIN).isoformat(), AUTUMN),
    "offset behind": (lambda moment: moment.astimezone(NEW_YORK).isoformat(), NOON),
    "universal time over autumn": (at("%Y-%m-%d %H:%M:%SZ"), AUTUMN),
    "slashes, year first": (at("%Y/%m/%d %H:%M:%S"), NOON),
    "iso over midnight": (at("%Y-%m-%d %H:%M:%S"), MIDNIGHT),
    "h:m:s": (at("%H:%M:%S"), NOON),
    "h:m:s over midnight": (at("%H:%M:%S"), MIDNIGHT),
    "h:m:s with fractions": (at("%H:%M:%S.%f"), NOON),
    "twelve hours over noon": (at("%I:%M:%S %p"), NOON - timedelta(seconds=60)),
    "twelve hours over midnight": (at("%I:%M:%S %p"), MIDNIGHT),
    "german": (at("%d.%m.%Y %H:%M:%S"), NOON),
    "german, short year": (at("%d.%m.%y %H:%M:%S"), NOON),
    "german over midnight": (at("%d.%m.%Y %H:%M:%S"), MIDNIGHT),
    "us": (at("%m/%d/%Y %I:%M:%S %p"), NOON),
    "us, day above twelve": (at("%m/%d/%Y %H:%M:%S"), datetime(2026, 3, 24, 9, 0, tzinfo=UTC)),
    "us over midnight": (at("%m/%d/%Y %H:%M:%S"), MIDNIGHT),
    "british over midnight": (at("%d/%m/%Y %H:%M:%S"), MIDNIGHT),
    "us with a comma": (at("%m/%d/%Y, %I:%M:%S %p"), NOON),
}
# separator, decimal mark, whether every cell is quoted
WRITTEN = {"comma": (",", ".", False), "quoted": (",", ",", True), "german": (";", ",", False)}


def written(write: Write, begins: datetime, separator: str, mark: str, *, quoted: bool) -> str:
    file = io.StringIO()
    rows = csv.writer(file, delimiter=separator, quoting=csv.QUOTE_ALL if quoted else csv.QUOTE_MINIMAL, lineterminator="\n")
    rows.writerow(["time", "V", "A"])
    for t, v, a in zip(T, V, A, strict=True):
        figures = [f"{value:.4f}".replace(".", mark) for value in (v, a)]
        rows.writerow([write(begins + timedelta(seconds=float(t))), *figures])
    return file.getvalue()


def kept(tmp_path: Path, text: str | bytes) -> Path:
    path = tmp_path / "log.csv"
    path.write_bytes(text.encode() if isinstance(text, str) else text)
    return path


@pytest.mark.parametrize("how", WRITTEN)
@pytest.mark.parametrize("form", TIMES)
def test_every_form_of_a_time_is_read_right(form: str, how: str, tmp_path: Path) -> None:
    write, begins = TIMES[form]
    separator, mark, quoted = WRITTEN[how]
    log = read_log(kept(tmp_path, written(write, begins, separator, mark, quoted=quoted)))
    assert log.t == pytest.approx(T, abs=1e-3)
    assert log.v == pytest.approx(V, abs=1e-4)
    assert log.a == pytest.approx(A, abs=1e-4)
    assert log.left_out == 0
    assert log.columns["t"].unit, "how it was read is said"


def plain(t: np.ndarray = T, change: Callable[[list[str]], list[str]] = lambda rows: rows) -> str:
    rows = [f"{a:.3f},{b:.4f},{c:.4f}" for a, b, c in zip(t, V, A, strict=True)]
    return "\n".join(["time_s,V,A", *change(rows)]) + "\n"


REFUSED: dict[str, tuple[str | bytes, str]] = {
    "NUL bytes": (plain().replace("100.000,", "100\0000,").encode(), "line 102 holds NUL bytes"),
    "cut off by a power cut": (plain().encode() + b"\0" * 512, "line 242 holds NUL bytes"),
    "time goes back": (plain(np.where(T < 100, T, T - 30)), "time goes back by 29.000 s at line 102"),
    "local time in autumn": (
        written(at("%Y-%m-%d %H:%M:%S", BERLIN), AUTUMN, ",", ".", quoted=False),
        "time goes back by 3599.000 s at line 122. Was the clock changed there",
    ),
    "vast": (plain(change=lambda rows: [*rows[:50], "50.000,1e308,1e308", *rows[51:]]), "line 52 shows 1e.308 V"),
    "another unit": (
        plain(
            change=lambda rows: [
                row if i < 60 else "{},{},{:.1f}".format(*row.split(",")[:2], 1250.0) for i, row in enumerate(rows)
            ]
        ),
        "from line 62 on the current seems to be in another unit",
    ),
    "no figures": (plain(change=lambda _: ["on,off,on"] * 50), "fewer than two samples"),
}


@pytest.mark.parametrize("what", REFUSED)
def test_what_cannot_be_read_is_refused_by_line_and_cause(what: str, tmp_path: Path) -> None:
    text, why = REFUSED[what]
    with pytest.raises(Trouble, match=why):
        read_log(kept(tmp_path, text))


def test_several_samples_a_stamp_are_spread(tmp_path: Path) -> None:
    """A meter that samples four times a second and writes whole seconds."""
    t = np.arange(COUNT) / 4
    log = read_log(kept(tmp_path, plain(np.floor(t))))
    assert log.t == pytest.approx(t, abs=1e-9)
    assert "several samples share a time stamp" in log.columns["t"].unit


def test_a_stamp_that_is_missing_leaves_its_row_out(tmp_path: Path) -> None:
    text = plain(change=lambda rows: [row if i % 10 else row[row.index(",") :] for i, row in enumerate(rows)])
    log = read_log(kept(tmp_path, text))
    assert log.left_out == COUNT // 10
    assert set(np.round(log.t + 1)) <= set(T)


@pytest.mark.parametrize("rate", [10.0, 100.0, 1000.0])
@pytest.mark.parametrize("count", [2, 3, 8, 60, 600])
def test_a_short_log_is_read_and_judged(count: int, rate: float, tmp_path: Path) -> None:
    t = np.arange(count) / rate
    rows = [f"{a:.4f},{5 + 0.01 * np.sin(b):.4f},{1 + 0.01 * np.cos(b):.4f}" for b, a in enumerate(t)]
    found = meter_answer(read_log(kept(tmp_path, "\n".join(["t,V,A", *rows]) + "\n")))
    assert found["samples"] == count
    assert found["charge_mAh"]["positive"]["value"] == pytest.approx(t[-1] / 3.6, rel=0.02)
