"""Each kind of part, alone and with others, from the ticket to the sheet: driven by the use cases over the wires."""

import random
from contextlib import suppress
from datetime import UTC, datetime
from itertools import combinations
from pathlib import Path
from typing import Any

import pytest

from daruma.bench.context import Context
from daruma.core.acts import ActKind
from daruma.core.errors import Trouble
from daruma.core.job import StepState
from daruma.core.kinds import KINDS, room, trait, traits
from daruma.core.parts import PartKind
from daruma.demo.build import at_work
from daruma.demo.kinds import rooms
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.technician import Clock
from daruma.handover.letterhead import Letterhead
from daruma.handover.sheet import make_sheet
from tests.bench.faultbench import plug_in
from tests.conftest import crossed, share
from tests.parts import some
from tests.shops import empty_shop


def covering() -> list[tuple[PartKind, ...]]:
    """Sets of three kinds that are broken at once, so that every two kinds meet: with seven kinds seven are enough."""
    left, found = set(combinations(KINDS, 2)), []
    while left:
        found.append(max(combinations(KINDS, 3), key=lambda three: len(left & set(combinations(three, 2)))))
        left -= set(combinations(found[-1], 2))
    return found


LINES = covering()
SETS = share([*LINES, *(kinds for count in (1, 2, 3) for kinds in combinations(KINDS, count) if kinds not in LINES)], len(LINES))
WRITTEN = {its.part for its in traits().values() if its.act is ActKind.WRITE}


def promises(*kinds: PartKind) -> list[str]:
    """What is promised of some parts: the functions that they speak for, and those that lay them on the table."""
    return list(dict.fromkeys(f.value for kind in kinds for f in (*room(kind).functions, *room(kind).lies_with)))


@pytest.mark.parametrize("kinds", SETS, ids=lambda kinds: "+".join(kind.value for kind in kinds))
def test_from_ticket_to_sheet(kinds: tuple[PartKind, ...], tmp_path: Path) -> None:
    entry: dict[str, Any] = {"complaint": "", "opened": 0, "until": "closed", "original": {}}
    entry["promised"] = promises(*kinds)
    for each in rooms():
        entry |= each.broken if each.kind in kinds else {}
    (tmp_path / "second").mkdir()
    laying, shop = Laying(Maker(random.Random(3))), empty_shop(tmp_path / "shop", tmp_path / "second")
    laying.world.firmware, laying.world.sweep_speed, laying.world.sweep_pace = "2.0", 400.0, 4.0
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC))) as technician:
        workshop = technician.workshop
        model = workshop.catalogue.models["cedar_l"]
        # a part that is written nowhere is finished by the phone, which older systems do not know
        phone = laying.phone(model, "4.6" if set(kinds) <= WRITTEN else "5.1", "a phone", entry)
        laying.age(phone, entry)
        job = technician.job(entry, model, phone, laying.new_parts(model, entry))
        assert job.all_proven
        assert job.closed
        assert {kind for kind in kinds if job.seen(kind)} == set(kinds), "it is known which part was fitted"
        assert {phone.fitted[kind.value] for kind in kinds} <= set(job.dies)
        written = {act.die for act in shop.journal.acts_of(job.uid) if act.kind is ActKind.WRITE}
        steps = [trait(step.action) for step in job.steps]
        on_it = [kind for kind in kinds if any(its.part is kind and its.act is ActKind.WRITE for its in steps)]
        assert set(on_it) == set(kinds) or not set(kinds) <= WRITTEN
        assert written == {phone.fitted[kind.value] for kind in on_it}, "each part was written, under the journal"
        labels, meanings = workshop.catalogue.function_labels, workshop.catalogue.function_meaning
        backups = tuple(map(shop.vault.get, job.sources))
        sheet = make_sheet(
            Letterhead("x"), job, model, labels, meanings, workshop.actions(job), backups, shop.journal.acts_of(job.uid)
        )
        assert len(sheet.fitted) == len(kinds)
        assert len(sheet.sources) == max(1, len(on_it))
        names = {identity for kind in on_it for identity in room(kind).identities}
        assert len(sheet.written) >= len(names) - 1, "a chip's own code is on no backup's fields"
        assert shop.check()[1] == ()
    dies = [die for held in laying.world.parts.values() for die in held]
    assert len(dies) == len(set(dies)), "a part is known by its die, whatever its kind"


FAULTS = ("reset", "die", "voltage_dip", "write_ignored", "torn_page", "lying_answer", "unplug")


@pytest.mark.parametrize(("kind", "fault"), crossed([kind for kind in tuple(KINDS)[1:] if kind in WRITTEN], FAULTS))
def test_a_write_of_one_of_several_parts_that_goes_wrong(kind: PartKind, fault: str, tmp_path: Path) -> None:
    """The display beside another part: what became of the other's write is found out on it, and its own step follows."""
    entry: dict[str, Any] = {"complaint": "", "opened": 0, "until": "intake"}
    entry["promised"] = promises(PartKind.DISPLAY, kind)
    for each in rooms():
        entry |= each.broken if each.kind in (PartKind.DISPLAY, kind) else {}
    (tmp_path / "second").mkdir()
    laying, shop = Laying(Maker(random.Random(5))), empty_shop(tmp_path / "shop", tmp_path / "second")
    laying.world.firmware = "2.0"
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC))) as technician:
        workshop, context = technician.workshop, Context()
        model = workshop.catalogue.models["cedar_l"]
        phone = laying.phone(model, "4.6", "a phone", entry)
        job = technician.job(entry, model, phone, laying.new_parts(model, entry))
        job = workshop.choose(job, workshop.plan(job).routes[0], context)

        def at_hand() -> int:
            return some(job.current_step)

        def is_its_write() -> bool:
            its = trait(job.steps[at_hand()].action)
            return its.part is kind and its.act is ActKind.WRITE

        while not is_its_write():
            job = workshop.do_step(job, at_hand(), context)
        index = at_hand()
        technician.hands.fault(fault, op="write.commit")
        with suppress(Trouble):
            workshop.do_step(job, index, context)
        technician.hands.calm()
        plug_in(workshop)
        job = shop.jobs.get(job.number)
        for act in shop.journal.left_in_doubt():
            job, _ = workshop.settle(act, context)
        for _ in range(4):
            if job.steps[index].state is StepState.DONE:
                break
            job = workshop.do_step(job, index, context)
        assert job.steps[index].state is StepState.DONE
        carried = some(laying.world.find(job.seen(kind)))
        assert job.parts[kind].image == carried.memory, "what it carries is known"
        assert shop.journal.writes(carried.die) >= carried.writes > 0
        others = [step for step in job.steps if trait(step.action).act is ActKind.WRITE and trait(step.action).part is not kind]
        assert all(step.note != "settled: done" for step in others), "no other step follows from it"
