"""The rotation of copies: which are let go, when the next is due, what those that stay cover.

A copy's age is the sum of the gaps between it and today. A gap is what the clock says of it up to a week; where it says more,
or went back, as many days as copies were made meanwhile. So no clock that was set makes copies old, or two of them one.
"""

import sqlite3
from collections.abc import Iterable, Sequence
from contextlib import closing, suppress
from datetime import date, datetime, time, timedelta
from itertools import pairwise

from msgspec import Struct

from daruma.store.copy_files import Copy, copies_of
from daruma.store.database import Database
from daruma.store.engine import explained
from daruma.store.files import remove_database
from daruma.store.progress import Progress, lacking, progress_in, progress_of
from daruma.store.version import looking_at

DAYS, WEEKS = 14, 8  # of each of so many days the newest copy stays, behind them at least one a week for so many weeks
WEEK = 7  # days
HORIZON = DAYS + WEEKS * WEEK  # days after which a copy may be let go
NIGHT = time(3)  # a copy made after this hour of a day is that day's copy


class Coverage(Struct, frozen=True):
    """Hold what copies cover: how many there are, the age of the newest (days), how many days in a row from there have one, the
    age of the oldest (days), and the longest time between two of them (days).
    """

    copies: int = 0
    newest: int = 0
    days: int = 0
    oldest: int = 0
    longest: int = 0


def is_due(copies: Iterable[Copy], now: datetime) -> bool:
    """Return whether the night's copy is still to be made; one dated ahead of now tells nothing."""
    night = datetime.combine(now.date(), NIGHT, now.tzinfo)
    night -= timedelta(days=1 if now < night else 0)
    newest = max(copies, key=lambda copy: copy.order, default=None)
    return newest is None or not night <= newest.made <= now


def ages_of(copies: Iterable[Copy], today: date) -> list[tuple[int, Copy]]:
    """Return copies with their ages in days, the newest first."""
    found, age, later, turn = [], 0, today, None
    for copy in sorted(copies, key=lambda copy: copy.order, reverse=True):
        day = copy.made.date()
        age += _gap((later - day).days, turn - copy.turn if turn is not None else 0)
        later, turn = day, copy.turn
        found.append((age, copy))
    return found


def _gap(days: int, turns: int) -> int:
    """Return how many days lie between two copies by what the clock says and by how many copies were made meanwhile."""
    return days if 0 <= days <= WEEK else min(turns, WEEK)


def outdated(copies: Iterable[Copy], today: date, irreplaceable: Iterable[Copy] = ()) -> tuple[Copy, ...]:
    """Return the copies that the rotation lets go; the newest copy of all and the irreplaceable ones always stay."""
    aged = ages_of(copies, today)
    stay = {copy.file for copy in irreplaceable} | {copy.file for _, copy in aged[:1]}
    daily = _of_each_day(aged)
    stay |= {copy.file for age, copy in daily if age < DAYS}
    stay |= {copy.file for _, copy in _weekly(daily)}
    return tuple(copy for _, copy in aged if copy.file not in stay)


def _of_each_day(aged: Sequence[tuple[int, Copy]]) -> list[tuple[int, Copy]]:
    """Return the newest copy of each day."""
    newest: dict[int, Copy] = {}
    for age, copy in aged:
        newest.setdefault(age, copy)
    return list(newest.items())


def _weekly(daily: Sequence[tuple[int, Copy]]) -> list[tuple[int, Copy]]:
    """Return those of the older copies that stay: one goes where its neighbours lie no more than a week apart, and behind the
    horizon where enough others are newer.
    """
    near = [each for each in daily if each[0] < HORIZON]
    enough = max(len(near), DAYS + WEEKS)
    stay: list[tuple[int, Copy]] = []
    for place in range(min(enough, len(daily)) - 1, -1, -1):
        age, _ = daily[place]
        if age < DAYS:
            break
        newer = daily[place - 1][0] if place else 0
        if not stay or stay[-1][0] - newer > WEEK:
            stay.append(daily[place])
    return stay


def coverage_of(copies: Iterable[Copy], today: date) -> Coverage:
    """Return what copies cover."""
    ages = [age for age, _ in _of_each_day(ages_of(copies, today))]
    if not ages:
        return Coverage()
    days = next((row for row, age in enumerate(ages) if age > ages[0] + row), len(ages))
    longest = max((older - newer for newer, older in pairwise(ages)), default=0)
    return Coverage(len(ages), ages[0], days, ages[-1], longest)


def rotate(database: Database, today: date) -> tuple[Copy, ...]:
    """Remove the copies that the rotation lets go; return them. The last copy that holds more than the store stays."""
    copies = copies_of(database.folder)
    gone = outdated(copies, today, _holding_more(database, copies))
    with explained():
        for copy in gone:
            remove_database(copy.file)
    return gone


def _holding_more(database: Database, copies: Sequence[Copy]) -> tuple[Copy, ...]:
    """Return the newest copies that hold what neither the store nor a newer one of them does."""
    kept: list[Copy] = []
    with database.reading() as connection:
        held: list[Progress] = [progress_of(connection)]
    for copy in copies:
        with suppress(sqlite3.Error), closing(looking_at(copy.file)) as raw:
            progress = progress_in(raw)
            if progress is not None and all(lacking(progress, there) for there in held):
                kept.append(copy)
                held.append(progress)
    return tuple(kept)
