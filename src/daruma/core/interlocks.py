"""Interlocks: what must hold before an act that cannot be taken back, each with its evidence."""

from dataclasses import dataclass

from daruma.core.budget import WriteBudget
from daruma.core.model import Model
from daruma.core.parts import Identity, PartSelf, Version
from daruma.core.records import FieldRole, Record
from daruma.core.serials import code_fault, grouped, serial_fault


@dataclass(frozen=True, slots=True)
class Interlock:
    """Hold one condition: lit or dark, the evidence for it, and how to light it."""

    key: str
    label: str
    lit: bool
    evidence: str
    remedy: str = ""


@dataclass(frozen=True, slots=True)
class WriteEvidence:
    """Hold everything the interlocks of a write look at, as it is at the moment of the act.

    `checked_part` is the part as it was when the record was put together, `part` what answers on the socket now;
    `phone_on` is None where no phone answers on the cable.
    """

    model: Model
    part: PartSelf | None
    checked_part: PartSelf | None
    source: Record | None
    backup_verified: bool
    firmware: Version | None
    phone_on: bool | None
    budget: WriteBudget
    act_in_doubt: bool = False


def write_interlocks(evidence: WriteEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of writing a display record."""
    return (
        _backup(evidence),
        _codes(evidence),
        _part(evidence),
        _model(evidence),
        _maker(evidence),
        _firmware(evidence),
        _phone(evidence),
        _budget(evidence),
        _doubt(evidence),
    )


def dark(interlocks: tuple[Interlock, ...]) -> tuple[Interlock, ...]:
    """Return the interlocks that are not lit."""
    return tuple(lock for lock in interlocks if not lock.lit)


def _backup(e: WriteEvidence) -> Interlock:
    return Interlock(
        "backup",
        "Backup kept and read back",
        e.source is not None and e.backup_verified,
        "kept in the vault, its bytes verified" if e.backup_verified else "no verified backup of this job",
        "Read the original and keep it, or choose an earlier backup.",
    )


def _codes(e: WriteEvidence) -> Interlock:
    label, remedy = "Codes well formed", "Read the source again; do not correct it by hand."
    if e.source is None:
        return Interlock("codes", label, False, "nothing to write yet", remedy)
    serial = e.source.identity(Identity.DISPLAY_SERIAL)
    cover = e.source.identity(Identity.COVER_CODE)
    fault = (serial_fault(serial) if serial else "no display serial") or (code_fault(cover) if cover else "no cover code")
    if not fault and not e.source.complete(FieldRole.IDENTITY):
        fault = "the record is incomplete"
    return Interlock("codes", label, fault is None, fault or f"serial {grouped(serial or '')}", remedy)


def _part(e: WriteEvidence) -> Interlock:
    same = e.part is not None and e.checked_part is not None and e.part.die == e.checked_part.die
    if e.part is None:
        said = "no part answers on the socket"
    elif e.checked_part is None:
        said = "the part on the socket has not been read"
    else:
        said = e.part.name() if same else f"{e.part.name()} is there, {e.checked_part.name()} was checked"
    return Interlock("part", "Same part as checked", same, said, "Put the new panel on the socket and read it.")


def _model(e: WriteEvidence) -> Interlock:
    agrees = e.part is not None and e.part.family == e.model.key
    said = "no part answers" if e.part is None else f"the part says {e.part.family.replace('_', ' ').title()}"
    return Interlock("model", f"Part is for {e.model.name}", agrees, said, f"Fit a {e.model.name} panel, or correct the ticket.")


def _maker(e: WriteEvidence) -> Interlock:
    if e.part is None:
        return Interlock("maker", "Panel maker agrees", False, "no part answers")
    allowed = e.part.maker in e.model.makers and e.part.maker not in e.model.unreadable_makers
    source = str(e.source.values.get("panel_maker")) if e.source else e.part.maker
    said = f"panel by {e.part.maker}" if source == e.part.maker else f"panel by {e.part.maker}, record from {source}"
    return Interlock("maker", "Panel maker agrees", allowed and source == e.part.maker, said, f"Use a panel by {source}.")


def _firmware(e: WriteEvidence) -> Interlock:
    needed = e.model.programmer_firmware
    enough = e.firmware is not None and e.firmware >= needed
    said = "no programmer" if e.firmware is None else f"has {e.firmware}, {e.model.name} needs {needed}"
    return Interlock("firmware", "Firmware new enough", enough, said, "Update the programmer.")


def _phone(e: WriteEvidence) -> Interlock:
    said = "phone answers: it is on" if e.phone_on else "phone does not answer: it is off"
    return Interlock("phone", "Phone off", not e.phone_on, said, "Switch the phone off and disconnect its battery.")


def _budget(e: WriteEvidence) -> Interlock:
    odds = e.budget.next_odds()
    said = f"{e.budget.counted} had, takes the next: {100 * odds:.0f} %"
    return Interlock("budget", "Writes left", odds > 0, said, "Use another panel.")


def _doubt(e: WriteEvidence) -> Interlock:
    said = "an earlier act on this part was never settled" if e.act_in_doubt else "every earlier act is settled"
    return Interlock("doubt", "No act in doubt", not e.act_in_doubt, said, "Put the part on the socket and settle the act.")
