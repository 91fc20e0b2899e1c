"""Each kind of part, alone and with others, from the ticket to the sheet: driven by the use cases over the wires."""

import random
from datetime import UTC, datetime
from itertools import combinations
from pathlib import Path
from typing import Any

import pytest

from daruma.core.kinds import KINDS, room
from daruma.core.parts import PartKind
from daruma.demo.build import at_work
from daruma.demo.kinds import rooms
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.demo.technician import Clock
from daruma.handover.sheet import make_sheet
from daruma.store.shop import Shop

MOST = 3  # kinds broken at once
SETS = [kinds for count in range(1, MOST + 1) for kinds in combinations(KINDS, count)]


@pytest.mark.parametrize("kinds", SETS, ids=lambda kinds: "+".join(kind.value for kind in kinds))
def test_from_ticket_to_sheet(kinds: tuple[PartKind, ...], tmp_path: Path) -> None:
    entry: dict[str, Any] = {"complaint": "", "opened": 0, "until": "closed", "original": {}}
    entry["promised"] = [function.value for kind in kinds for function in room(kind).functions]
    for each in rooms():
        entry |= each.broken if each.kind in kinds else {}
    laying, shop = Laying(Maker(random.Random(3))), Shop(tmp_path / "shop")
    laying.world.firmware = "2.0"
    with shop, at_work(laying, shop, Clock(datetime(2026, 11, 28, tzinfo=UTC))) as technician:
        workshop = technician.workshop
        model = workshop.catalogue.models["cedar_l"]
        phone = laying.phone(model, "4.6", "a phone", entry)
        laying.age(phone, entry)
        job = technician.job(entry, model, phone, laying.new_parts(model, entry))
        assert job.all_proven
        assert job.closed
        assert {kind for kind in kinds if job.seen(kind)} == set(kinds), "it is known which part was fitted"
        assert {phone.fitted[kind.value] for kind in kinds} <= set(job.dies)
        written = {act.die for act in shop.journal.acts_of(job.uid)}
        assert written == {phone.fitted[kind.value] for kind in kinds}, "each part was written, under the journal"
        labels, meanings = workshop.catalogue.function_labels, workshop.catalogue.function_meaning
        backups = tuple(map(shop.vault.get, job.sources))
        sheet = make_sheet("x", job, model, labels, meanings, workshop.actions(job), backups, shop.journal.acts_of(job.uid))
        assert len(sheet.fitted) == len(sheet.sources) == len(kinds)
        names = {identity for kind in kinds for identity in room(kind).identities}
        assert len(sheet.written) >= len(names) - 1, "a chip's own code is on no backup's fields"
        assert shop.check()[1] == ()
