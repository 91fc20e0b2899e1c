"""What must hold before a display record is written."""

from msgspec import Struct

from daruma.core.budget import WriteBudget
from daruma.core.errors import Remedy
from daruma.core.interlocks import BackupEvidence, Interlock, firmware_of, imported, kept, model_of, owner, settled, unknowable
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import Identity, PartSelf, Version
from daruma.core.records import FieldRole, Record
from daruma.core.serials import code_fault, grouped, serial_fault


class WriteEvidence(Struct, frozen=True):
    """Hold everything the interlocks of a write look at, as it is at the moment of the act.

    `checked_part` is the part as it was when the record was put together, `part` what answers on the socket now, `alike`
    whether another part on the bench calls itself the same; `backup` is None where none verifies, `imei` that of the
    ticket; `phone_on` is None where no phone answers on the cable. `record_maker` is whose panel's record would be written,
    empty for codes alone; `tried` whether the step is there to try that on another maker's part, `decided` the decision.
    """

    model: Model
    part: PartSelf | None
    checked_part: PartSelf | None
    source: Record | None
    backup: BackupEvidence | None
    imei: str
    firmware: Version | None
    phone_on: bool | None
    budget: WriteBudget
    act_in_doubt: bool = False
    alike: bool = False
    record_maker: str = ""
    tried: bool = False
    decided: str = ""


def write_interlocks(evidence: WriteEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of writing a display record."""
    return (
        kept(evidence.backup, _KEEP),
        owner(evidence.backup, evidence.imei, evidence.model),
        _codes(evidence),
        _part(evidence),
        model_of(evidence.part, evidence.model),
        _maker(evidence),
        firmware_of(evidence.firmware, evidence.model),
        _phone(evidence),
        _budget(evidence),
        settled(evidence.act_in_doubt),
    )


def _codes(e: WriteEvidence) -> Interlock:
    label, remedy = tr("Codes well formed"), tr("Read the source again; do not correct it by hand.")
    if e.source is None:
        return Interlock("codes", label, False, tr("nothing to write yet"), remedy)
    serial = e.source.identity(Identity.DISPLAY_SERIAL)
    cover = e.source.identity(Identity.COVER_CODE)
    fault = (serial_fault(serial) if serial else tr("no display serial")) or (code_fault(cover) if cover else tr("no cover code"))
    if not fault and not e.source.complete(FieldRole.IDENTITY):
        fault = tr("the record is incomplete")
    return Interlock("codes", label, fault is None, fault or grouped(serial or ""), remedy)


def _part(e: WriteEvidence) -> Interlock:
    hidden = unknowable(e.part, alike=e.alike)
    same = e.part is not None and e.checked_part is not None and e.part.die == e.checked_part.die and not hidden
    if e.part is None:
        said = tr("no part answers on the socket")
    elif hidden:
        said = hidden
    elif e.checked_part is None:
        said = tr("the part on the socket has not been read")
    else:
        said = (
            e.part.name()
            if same
            else tr("{part} is there, {checked_part} was checked", part=e.part.name(), checked_part=e.checked_part.name())
        )
    return Interlock("part", tr("Same part as checked"), same, said, tr("Put the new panel on the socket and read it."))


def _maker(e: WriteEvidence) -> Interlock:
    label = tr("Panel maker agrees")
    if e.part is None:
        return Interlock("maker", label, False, tr("no part answers"))
    said = tr("panel by {maker}", maker=e.part.maker)
    if e.part.maker not in e.model.makers or e.part.maker in e.model.unreadable_makers:
        return Interlock(
            "maker", label, False, said, tr("Use a panel by {record_maker}.", record_maker=e.record_maker or e.model.makers[0])
        )
    if e.record_maker in ("", e.part.maker):
        return Interlock("maker", label, True, said)
    said = tr("{said}, record from {record_maker}", said=said, record_maker=e.record_maker)
    if e.part.maker not in e.model.takes_other_makers:
        return Interlock("maker", label, False, said, tr("Use a panel by {record_maker}.", record_maker=e.record_maker))
    if not e.tried:
        remedy = tr(
            "Plan again from here: trying it is a way of its own, with its own chance. Or use a panel by {record_maker}.",
            record_maker=e.record_maker,
        )
        return Interlock("maker", label, False, said, remedy)
    # some take it and some refuse: nobody but the technician decides to spend a write on that
    said = f"{said}: {e.decided or tr('it may be refused, and the write counts')}"
    remedy = tr("Decide to try it, or use a panel by {record_maker}.", record_maker=e.record_maker)
    return Interlock("maker", label, bool(e.decided), said, remedy, offers=None if e.decided else Remedy.DECIDE)


def _phone(e: WriteEvidence) -> Interlock:
    said = tr("it answers: it is on") if e.phone_on else tr("it does not answer: off")
    return Interlock("phone", tr("Phone off"), not e.phone_on, said, tr("Switch the phone off and disconnect its battery."))


def _budget(e: WriteEvidence) -> Interlock:
    odds = e.budget.next_odds()
    said = tr("{counted} had, next: {odds:.0f} %", counted=e.budget.counted, odds=100 * odds) + imported(e.budget.arrived)
    return Interlock("budget", tr("Writes left"), odds > 0, said, tr("Use another panel."))


_KEEP = tr("Read the original and keep it, or choose an earlier backup.")
