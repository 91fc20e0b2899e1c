"""The rotation of copies, asked day by day: jumps of the clock, missed days and full disks, over more than a year."""

import random
from datetime import UTC, date, datetime, timedelta
from itertools import pairwise
from pathlib import Path

import pytest

from daruma.store.copies import DAYS, WEEKS, Copy, Coverage, coverage_of, is_due, make_copy, outdated, rotate
from daruma.store.shop import Shop
from tests.conftest import seeds

START = datetime(2026, 1, 5, 20, 0, tzinfo=UTC)
WEEK = 7


class Days:
    """Live through days: each has a true number, and what the shop's clock says of it."""

    def __init__(self) -> None:
        self.copies: list[Copy] = []
        self.true: dict[Path, int] = {}
        self.day = self.off = self.turn = 0

    @property
    def now(self) -> datetime:
        return START + timedelta(days=self.day + self.off)

    def live(self, *, full: bool = False, often: int = 1) -> None:
        """Ask for the day's copy as the window does, then let old ones go; on a full disk none is made."""
        for hour in range(often):
            now = self.now + timedelta(minutes=hour)
            if full or not (is_due(self.copies, now) or hour):
                continue
            self.turn += 1
            copy = Copy(Path(str(self.turn)), now, 1, self.turn)
            self.copies.append(copy)
            self.true[copy.file] = self.day
            gone = {copy.file for copy in outdated(self.copies, now.date())}
            self.copies = [copy for copy in self.copies if copy.file not in gone]
        self.day += 1

    @property
    def ages(self) -> list[int]:
        """Return the true ages in days of what is kept, the newest first."""
        return sorted(self.day - 1 - self.true[copy.file] for copy in self.copies)


def covers(ages: list[int], missed: int = 0) -> None:
    """Each of the last days has its copy, and behind them no week is without one as far back as is promised."""
    assert [age for age in ages if age < DAYS] == list(range(DAYS))
    gaps = [older - newer for newer, older in pairwise(ages)]
    assert max(gaps) <= WEEK + missed
    assert ages[-1] >= DAYS + (WEEKS - 1) * WEEK
    assert len(ages) <= DAYS + WEEKS + 2


def test_four_hundred_days_one_by_one() -> None:
    days = Days()
    for day in range(400):
        days.live()
        if day >= DAYS + WEEKS * WEEK:
            covers(days.ages)
            told = coverage_of(days.copies, days.now.date() - timedelta(days=1))
            assert told == Coverage(len(days.copies), 0, told.days, days.ages[-1], told.longest)
            assert DAYS <= told.days <= DAYS + 2
            assert told.longest <= WEEK


@pytest.mark.parametrize("off", [-400, -30, -1, 1, 30, 400])
def test_a_clock_that_jumps_once_empties_nothing(off: int) -> None:
    days = Days()
    for day in range(400):
        if day == 150:
            before, days.off = list(days.copies), off
        days.live()
        if day in (160, 165):
            kept = {copy.file for copy in days.copies}
            still = [copy for copy in before if copy.file in kept]
            assert len(still) >= WEEKS, "the copies from before it are there still"
        if day >= 151:
            assert days.ages[-1] >= DAYS + (WEEKS - 2) * WEEK
            assert len(days.copies) >= DAYS + WEEKS - 3
        if day >= 250:
            covers(days.ages)


def test_a_clock_that_begins_anew_each_morning_empties_nothing() -> None:
    """A dead battery: each start is at the same minute of the same day."""
    days = Days()
    for _ in range(200):
        days.off = -days.day
        days.live()
    assert len(days.copies) >= 1
    for _ in range(100):
        days.off = 0
        days.live()
    covers(days.ages)


@pytest.mark.parametrize("tried", seeds(60, 3000))
def test_random_years(tried: range) -> None:
    """Missed days, full disks, several copies a day, and a clock that is set ahead and back again and again."""
    for seed in tried:
        rng, days, made = random.Random(f"rotation/{seed}"), Days(), list[int]()
        jumps, missed, full = rng.choice((0, 0.01, 0.05)), rng.choice((0, 0.1, 0.5)), rng.choice((0, 0.05))
        for _ in range(400):
            if rng.random() < jumps:
                days.off = rng.choice((0, -400, -40, -1, 1, 40, 400))
            if rng.random() < missed:
                days.day += 1
                continue
            before = days.turn
            days.live(full=rng.random() < full, often=rng.choice((1, 1, 3)))
            made += [days.day - 1] * (days.turn > before)
            if not jumps:
                recent = {days.day - 1 - day for day in made if days.day - 1 - day < DAYS}
                assert recent <= set(days.ages), f"seed {seed}: each of the last days that had a copy has it"
        assert len(days.copies) >= DAYS // 2 + WEEKS - 1, f"seed {seed}: {days.ages}"
        assert days.ages[-1] >= DAYS + 2 * WEEK, f"seed {seed}: {days.ages}"
        assert len(days.copies) <= 2 * (DAYS + WEEKS), f"seed {seed}: {len(days.copies)}"


def test_the_newest_of_a_day_stays_and_one_that_is_due_is_asked_once() -> None:
    days = Days()
    days.live(often=3)
    assert [copy.turn for copy in days.copies] == [3]
    assert not is_due(days.copies, days.copies[0].made + timedelta(hours=1))
    assert is_due(days.copies, days.copies[0].made - timedelta(days=3)), "one dated ahead tells nothing"


def test_no_copies_cover_nothing() -> None:
    assert coverage_of((), date(2026, 1, 1)) == Coverage()


def test_a_disk_that_is_full_lets_no_copy_go(empty: Shop, monkeypatch: pytest.MonkeyPatch) -> None:
    made = [make_copy(empty.database, START + timedelta(days=day)) for day in range(3)]

    def full(*_: object, **__: object) -> None:
        raise OSError(28, "No space left on device")

    monkeypatch.setattr("daruma.store.night_copy.copy_database", full)
    with pytest.raises(Exception, match="could not be used"):
        make_copy(empty.database, START + timedelta(days=3))
    assert rotate(empty.database, (START + timedelta(days=3)).date()) == ()
    assert len(made) == 3
