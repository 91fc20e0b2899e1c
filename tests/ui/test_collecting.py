"""The collector beside lanes that are at work: it takes nothing of theirs into its hands, and garbage goes all the same."""

import gc
import sys
import threading
import weakref
from collections.abc import Iterator
from pathlib import Path

import pytest

import daruma
from daruma.ui.collecting import Collector

MAKERS, MADE = 3, 6000  # threads, and what each makes meanwhile
# what hands out objects that another thread may just be making
INSPECTED = {"get_objects", "get_referrers", "get_referents"}


@pytest.fixture
def hasty() -> Iterator[None]:
    """Let threads change as often as they can, and the collector have something to do at each look."""
    before, most = sys.getswitchinterval(), gc.get_threshold()
    sys.setswitchinterval(1e-6)
    gc.set_threshold(50, 2, 2)
    yield
    sys.setswitchinterval(before)
    gc.set_threshold(*most)


class Knot:
    """Hold itself."""

    def __init__(self) -> None:
        self.me = self


@pytest.mark.usefixtures("hasty")
def test_lanes_make_what_they_make_while_garbage_is_collected() -> None:
    """Tuples that are made of generators are half built while other threads run: whoever holds one then breaks it."""
    failed: list[BaseException] = []

    def make() -> None:
        try:
            for _ in range(MADE):
                assert len(tuple(number for number in range(300))) == 300
                Knot()
        except BaseException as error:  # noqa: BLE001
            failed.append(error)

    makers = [threading.Thread(target=make) for _ in range(MAKERS)]
    collector = Collector()
    for maker in makers:
        maker.start()
    while any(maker.is_alive() for maker in makers):
        collector.look()
    assert failed == []


def test_what_is_held_by_itself_alone_goes() -> None:
    collector = Collector()
    gone: list[int] = []
    knots = [Knot() for _ in range(2000)]
    for number, knot in enumerate(knots):
        weakref.finalize(knot, gone.append, number)
    knots.clear()
    del knot
    junk: list[object] = []
    for _ in range(100):
        junk += [[] for _ in range(2000)]
        collector.look()
        if len(gone) == 2000:
            break
    assert len(gone) == 2000


def test_no_module_asks_for_the_objects_of_other_threads() -> None:
    texts = {path.name: path.read_text("utf-8") for path in Path(daruma.__file__).parent.rglob("*.py")}
    assert [name for name, text in texts.items() if any(f"gc.{asked}" in text for asked in INSPECTED)] == []
