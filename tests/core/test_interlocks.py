"""Interlocks: each piece of evidence darkens its own lock and no other."""

import random

import pytest
from msgspec.structs import replace

from daruma.catalogue.loader import Catalogue
from daruma.core.budget import WriteBudget
from daruma.core.errors import Remedy
from daruma.core.interlocks import BackupEvidence, dark
from daruma.core.kinds.display.interlocks import WriteEvidence, write_interlocks
from daruma.core.parts import PartKind, PartSelf, Version
from daruma.core.records import decode, encode
from daruma.demo.kinds.display import record
from daruma.demo.maker import Maker

PART = PartSelf("D01234567890", PartKind.DISPLAY, "Ostby", "cedar_l", 256, "00")


@pytest.fixture
def evidence(catalogue: Catalogue) -> WriteEvidence:
    model = catalogue.models["cedar_l"]
    image = record(Maker(random.Random(4)), model, "Ostby", [0.31, 0.33])
    source = decode(model.layout(PartKind.DISPLAY), image)
    backup = BackupEvidence("B-00001", "490154203237518", "cedar_l")
    budget = WriteBudget((3, 4, 5), 0)
    return WriteEvidence(model, PART, PART, source, backup, "490154203237518", Version(1, 5), False, budget)


def keys(evidence: WriteEvidence) -> set[str]:
    return {lock.key for lock in dark(write_interlocks(evidence))}


def test_all_lit(evidence: WriteEvidence) -> None:
    assert keys(evidence) == set()
    assert keys(replace(evidence, phone_on=None)) == set(), "a bench without a phone cable can write"


@pytest.mark.parametrize(
    ("changes", "lock"),
    [
        ({"imei": "352099001761481"}, "owner"),
        ({"imei": ""}, "owner"),
        ({"backup": BackupEvidence("B-00001", "490154203237518", "cedar")}, "owner"),
        ({"part": replace(PART, die=" "), "checked_part": replace(PART, die=" ")}, "part"),
        ({"alike": True}, "part"),
        ({"checked_part": None}, "part"),
        ({"checked_part": replace(PART, die="DXXXXXXXXXXX")}, "part"),
        ({"firmware": Version(1, 3)}, "firmware"),
        ({"firmware": None}, "firmware"),
        ({"phone_on": True}, "phone"),
        ({"budget": WriteBudget((3, 4, 5), 5)}, "budget"),
        ({"act_in_doubt": True}, "doubt"),
    ],
)
def test_one_dark_lock_each(changes: dict[str, object], lock: str, evidence: WriteEvidence) -> None:
    changed = replace(evidence, **changes)  # type: ignore[arg-type]
    assert keys(changed) == {lock}
    (found,) = dark(write_interlocks(changed))
    assert found.evidence
    assert found.remedy


def test_another_model_or_maker(evidence: WriteEvidence) -> None:
    damson = replace(PART, family="damson")
    assert keys(replace(evidence, part=damson, checked_part=damson)) == {"model"}
    fenwick = replace(PART, maker="Fenwick")
    assert keys(replace(evidence, part=fenwick, checked_part=fenwick)) == set(), "codes have no maker"
    other = replace(evidence, part=fenwick, checked_part=fenwick, record_maker="Ostby", decided="decided by me")
    assert keys(other) == {"maker"}, "a panel of this maker takes no other's record, whoever decides"
    assert dark(write_interlocks(other))[0].offers is None
    assert keys(replace(evidence, part=None)) >= {"part", "model", "maker"}


def test_another_maker_s_record_is_a_decision(evidence: WriteEvidence) -> None:
    """Some panels of the second maker take the first one's data, not every one does: common practice, no source."""
    assert dark(write_interlocks(replace(evidence, record_maker="Fenwick", decided="yes")))[0].offers is None, "its own step"
    undecided = replace(evidence, record_maker="Fenwick", tried=True)
    (lock,) = dark(write_interlocks(undecided))
    assert (lock.key, lock.offers) == ("maker", Remedy.DECIDE)
    assert "may be refused" in lock.evidence
    assert keys(replace(undecided, decided="decided 2026-11-26 by me")) == set()
    assert keys(replace(undecided, decided="decided", part=replace(PART, maker="Nobody"))) == {"maker"}


def test_codes_that_are_not_well_formed(evidence: WriteEvidence) -> None:
    assert evidence.source is not None
    layout = evidence.source.layout
    bad = decode(layout, encode(layout, {"display_serial": "STUW9XCWK0K29K88"}, evidence.source.image))
    (lock,) = dark(write_interlocks(replace(evidence, source=bad)))
    assert lock.key == "codes"
    assert "check character" in lock.evidence
    blank = decode(layout, encode(layout, {"cover_code": None}, evidence.source.image))
    assert keys(replace(evidence, source=blank)) == {"codes"}
    assert keys(replace(evidence, source=None)) == {"codes"}
    assert keys(replace(evidence, backup=None)) == {"backup", "owner"}
