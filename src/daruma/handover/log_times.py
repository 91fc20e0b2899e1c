"""Moments as meters write them: seconds, stamps since 1970, times of day, dates in the usual orders, with offsets of zones."""

from __future__ import annotations

from typing import TYPE_CHECKING

import numpy as np
from msgspec import Struct

from daruma.core.language import tr

if TYPE_CHECKING:
    import polars as pl

    from daruma.core.cell.log import Floats

DAY = 86_400.0
_SECOND = r"(\d{1,2}(?:[.,]\d+)?)"
_CLOCK = rf"^(?:(\d{{1,4}})[:.])?(\d{{1,2}}):{_SECOND}\s*([AaPp][Mm])?$"
_TIME = rf"(\d{{1,2}}):(\d{{2}})(?::{_SECOND})?\s*([AaPp][Mm])?\s*(Z|[+-]\d{{2}}:?\d{{2}})?$"
_YEAR_FIRST = rf"^(\d{{4}})[-/.](\d{{1,2}})[-/.](\d{{1,2}})[T ,]+{_TIME}"
_DOTTED = rf"^(\d{{1,2}})\.(\d{{1,2}})\.(\d{{2,4}})[T ,]+{_TIME}"
_SLASHED = rf"^(\d{{1,2}})[/-](\d{{1,2}})[/-](\d{{2,4}})[T ,]+{_TIME}"
_MIDNIGHT = -80_000.0  # seconds: a time of day that falls by more has begun a new day
# since 1970: the size of a stamp tells its unit until the year 5138
_STAMPS = (
    (1e17, 1e-9, tr("ns since 1970")),
    (1e14, 1e-6, tr("us since 1970")),
    (1e11, 1e-3, tr("ms since 1970")),
    (1e8, 1.0, tr("s since 1970")),
)


class Moments(Struct, frozen=True):
    """Hold seconds from any beginning (n), nan where a cell is no moment, and how they were read; nothing for plain numbers."""

    seconds: Floats
    how: str = ""


def stamp_unit(first: float) -> tuple[float, str] | None:
    """Return factor and name of the unit of a stamp since 1970, None for a number that is none."""
    return next(((factor, name) for least, factor, name in _STAMPS if first > least), None)


def moments(texts: pl.Series, *, comma: bool) -> Moments:
    """Return a column's texts as moments, read in the one form that most of them have."""
    import polars as pl

    text = texts.str.strip_chars(" \t\"'")
    plain = (text.str.replace(",", ".", literal=True) if comma else text).cast(pl.Float64, strict=False)
    found = [
        Moments(_floats(plain)),
        Moments(_past_midnight(_clock(text)), tr("h:m:s")),
        Moments(_dated(text, _YEAR_FIRST, (0, 1, 2)), tr("year, month, day")),
        Moments(_dated(text, _DOTTED, (2, 1, 0)), tr("day, month, year")),
        _slashed(text),
    ]
    return max(found, key=lambda each: int(np.isfinite(each.seconds).sum()))


def _floats(values: pl.Series) -> Floats:
    found: Floats = values.fill_null(float("nan")).to_numpy()
    return found


def _group(text: pl.Series, form: str, group: int) -> Floats:
    import polars as pl

    return _floats(text.str.extract(form, group).str.replace(",", ".", literal=True).cast(pl.Float64, strict=False))


def _clock(text: pl.Series) -> Floats:
    hours, minutes, seconds = (_group(text, _CLOCK, group) for group in (1, 2, 3))
    return _of_day(np.nan_to_num(hours), minutes, seconds, text.str.extract(_CLOCK, 4))


def _of_day(hours: Floats, minutes: Floats, seconds: Floats, half: pl.Series) -> Floats:
    """Return seconds of the day; with a half of the day named, twelve is its beginning."""
    named = half.str.to_uppercase().fill_null("").to_numpy()
    hours = np.where(named != "", np.mod(hours, 12) + 12 * (named == "PM"), hours)
    found: Floats = hours * 3600 + minutes * 60 + seconds
    return found


def _past_midnight(seconds: Floats) -> Floats:
    """Return times of day that go on rising where a new day begins."""
    good = np.isfinite(seconds)
    days = np.cumsum(np.concatenate(([0], np.diff(seconds[good]) < _MIDNIGHT))) if good.any() else np.zeros(0)
    found = seconds.copy()
    found[good] += DAY * days
    return found


def _dated(text: pl.Series, form: str, order: tuple[int, int, int]) -> Floats:
    """Return seconds since 1970 of dates with times; `order` is where year, month and day stand."""
    year, month, day = (_group(text, form, 1 + place) for place in order)
    hours, minutes, seconds = (_group(text, form, group) for group in (4, 5, 6))
    year = np.where(year < 100, year + 2000, year)
    good = np.isfinite(year + hours + minutes) & (month >= 1) & (month <= 12) & (day >= 1) & (day <= 31) & (hours < 25)
    found = np.full(len(year), np.nan)
    whole = [np.where(good, part, 1).astype(int) for part in (year, month, day)]
    days = ((whole[0] - 1970).astype("datetime64[Y]").astype("datetime64[M]") + (whole[1] - 1).astype("timedelta64[M]")).astype(
        "datetime64[D]"
    ) + (whole[2] - 1).astype("timedelta64[D]")
    at = days.astype("datetime64[s]").astype(float) + _of_day(hours, minutes, np.nan_to_num(seconds), text.str.extract(form, 7))
    found[good] = at[good] - _offsets(text.str.extract(form, 8))[good]
    return found


def _offsets(zones: pl.Series) -> Floats:
    """Return the seconds that zones are ahead of universal time; 0 where none is named."""
    import polars as pl

    bare = zones.str.replace(":", "", literal=True)
    sign = np.where(bare.str.starts_with("-").fill_null(value=False).to_numpy(), -1.0, 1.0)
    hours, minutes = (_floats(bare.str.extract(r"^[+-](\d{2})(\d{2})$", group).cast(pl.Float64)) for group in (1, 2))
    found: Floats = sign * np.nan_to_num(hours * 3600 + minutes * 60)
    return found


def _slashed(text: pl.Series) -> Moments:
    """Return dates of two orders that look alike: the order that all of them can have, else the one of the shorter log."""
    month_first = Moments(_dated(text, _SLASHED, (2, 0, 1)), tr("month, day, year"))
    day_first = Moments(_dated(text, _SLASHED, (2, 1, 0)), tr("day, month, year"))

    def cost(each: Moments) -> tuple[int, bool, float]:
        good = each.seconds[np.isfinite(each.seconds)]
        if len(good) < 2:
            return (-len(good), True, 0.0)
        return (-len(good), bool((np.diff(good) < 0).any()), float(good[-1] - good[0]))

    return min((month_first, day_first), key=cost)


def spread(t: Floats) -> Floats:
    """Return times (n, in s) of which several samples share each stamp, evenly spread until the next one.

    Left as they are where most samples have stamps of their own: two at one time are a step.
    """
    if len(t) < 4 or (np.diff(t) == 0).sum() <= 0.5 * len(t):
        return t
    starts = np.flatnonzero(np.concatenate(([True], np.diff(t) > 0)))
    counts = np.diff(np.append(starts, len(t)))
    steps = np.diff(t[starts])
    last = steps[-1] * counts[-1] / max(counts[-2], 1) if len(steps) else 1.0
    each = np.append(steps, last)
    within = np.arange(len(t)) - np.repeat(starts, counts)
    found: Floats = t + within / np.repeat(counts, counts) * np.repeat(each, counts)
    return found
