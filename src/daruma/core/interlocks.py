"""Interlocks: what must hold before an act that cannot be taken back, each with its evidence."""

from dataclasses import dataclass

from daruma.core.budget import WriteBudget
from daruma.core.errors import Remedy
from daruma.core.model import Model
from daruma.core.parts import Identity, PartKind, PartSelf, Version
from daruma.core.records import FieldRole, Record
from daruma.core.serials import code_fault, grouped, serial_fault


@dataclass(frozen=True, slots=True)
class Interlock:
    """Hold one condition: lit or dark, the evidence for it, how to light it; where it is dark, the act that would."""

    key: str
    label: str
    lit: bool
    evidence: str
    remedy: str = ""
    offers: Remedy | None = None


@dataclass(frozen=True, slots=True)
class BackupEvidence:
    """Hold whose a verified backup is: its name, the phone and model it is of, and the file it was imported from, if any."""

    name: str
    imei: str
    model: str
    arrived: str = ""


@dataclass(frozen=True, slots=True)
class WriteEvidence:
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


@dataclass(frozen=True, slots=True)
class FlexEvidence:
    """Hold what the interlocks of writing a sensor flex look at: the part on the holder, the source and whose it is."""

    model: Model
    part: PartSelf | None
    source: Record | None
    source_die: str
    backup: BackupEvidence | None
    imei: str
    firmware: Version | None
    act_in_doubt: bool = False
    alike: bool = False


@dataclass(frozen=True, slots=True)
class PhoneEvidence:
    """Hold what the interlocks of an act on the phone look at.

    `imei` is None where no phone answers; `window` are the system versions that know the act, None for none at all.
    """

    imei: str | None
    ticket_imei: str
    trusted: bool
    system: Version | None
    window: tuple[Version, Version] | None
    act_in_doubt: bool = False


def write_interlocks(evidence: WriteEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of writing a display record."""
    return (
        _backup(evidence),
        _owner(evidence.backup, evidence.imei, evidence.model),
        _codes(evidence),
        _part(evidence),
        _model(evidence),
        _maker(evidence),
        _firmware(evidence),
        _phone(evidence),
        _budget(evidence),
        _doubt(evidence),
    )


def flex_interlocks(evidence: FlexEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of writing a sensor flex."""
    e = evidence
    new = e.part is not None and e.part.kind is PartKind.SENSOR_FLEX and e.part.die != e.source_die and not _unknowable(e)
    if e.part is None:
        said = "no part answers on the holder"
    elif unknowable := _unknowable(e):
        said = unknowable
    elif e.part.die == e.source_die:
        said = f"{e.part.name()} is the original"
    else:
        said = e.part.name() if new else f"{e.part.name()} is a {e.part.kind.value.replace('_', ' ')}"
    return (
        _kept(e.backup, "Back up the original flex, or choose an earlier backup."),
        _owner(e.backup, e.imei, e.model),
        Interlock("part", "A new flex on the holder", new, said, "Put the new flex on the holder."),
        _model_of(e.part, e.model),
        _firmware_of(e.firmware, e.model),
        _settled(e.act_in_doubt),
    )


def phone_interlocks(evidence: PhoneEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of an act that changes what the phone's board expects."""
    e = evidence
    same = e.imei is not None and e.imei == e.ticket_imei
    ends = f"IMEI ends in {e.imei[-4:]}, the ticket's in {e.ticket_imei[-4:]}" if e.imei is not None else ""
    knows = e.system is not None and e.window is not None and e.window[0] <= e.system <= e.window[1]
    range_ = f"it is done with {e.window[0]} to {e.window[1]}" if e.window else "this model does not know it"
    return (
        Interlock(
            "phone",
            "The ticket's phone is on",
            same,
            "the right phone answers" if same else ends or "no phone answers on the cable",
            "Switch this job's phone on and put it on the cable.",
        ),
        Interlock(
            "trust",
            "The phone trusts this bench",
            e.trusted,
            "its owner has confirmed" if e.trusted else "not confirmed yet",
            "Unlock the phone and confirm trust on it.",
            None if e.trusted else Remedy.TRUST,
        ),
        Interlock("system", "System version knows it", knows, f"{e.system or 'not known'}; {range_}", "Plan another way."),
        _settled(e.act_in_doubt),
    )


def once_interlock(spent: bool, what: str) -> Interlock:
    """Return the interlock of an act that a part takes once in its life: dark for good once it was begun."""
    said = "begun before on this part: counted as spent" if spent else "never begun on this part"
    return Interlock("once", f"{what} not used yet", not spent, said, "Use another part.")


def dark(interlocks: tuple[Interlock, ...]) -> tuple[Interlock, ...]:
    """Return the interlocks that are not lit."""
    return tuple(lock for lock in interlocks if not lock.lit)


def _backup(e: WriteEvidence) -> Interlock:
    return _kept(e.backup, "Read the original and keep it, or choose an earlier backup.")


def _kept(backup: BackupEvidence | None, remedy: str) -> Interlock:
    said = "no verified backup of this job"
    if backup is not None:
        said = f"{backup.name}, its bytes verified" + (f", imported: {backup.arrived}" if backup.arrived else "")
    return Interlock("backup", "Backup kept, read back", backup is not None, said, remedy)


def _owner(backup: BackupEvidence | None, imei: str, model: Model) -> Interlock:
    """Compare the phone that the backup is of with the ticket's: a name alone may have come to mean another one."""
    same = backup is not None and backup.imei == imei and bool(imei)
    if backup is None:
        said = "no backup"
    elif not same:
        said = f"{backup.name} is of the phone …{backup.imei[-4:] or '?'}, the ticket says …{imei[-4:] or '?'}"
    elif backup.model != model.key:
        said = f"{backup.name} is of a {backup.model.replace('_', ' ').title()}"
    else:
        said = f"its IMEI ends in {imei[-4:]}"
    lit = same and backup is not None and backup.model == model.key
    return Interlock("owner", "Backup is of this phone", lit, said, "Read this phone's own original, or correct the ticket.")


def _unknowable(e: WriteEvidence | FlexEvidence) -> str:
    """Return why a part cannot be told from others, so that its writes could not be counted; empty where it can."""
    if e.part is not None and not e.part.die.strip():
        return "the part does not say who it is: its writes could not be counted"
    return "another part on the bench calls itself the same" if e.alike else ""


def _codes(e: WriteEvidence) -> Interlock:
    label, remedy = "Codes well formed", "Read the source again; do not correct it by hand."
    if e.source is None:
        return Interlock("codes", label, False, "nothing to write yet", remedy)
    serial = e.source.identity(Identity.DISPLAY_SERIAL)
    cover = e.source.identity(Identity.COVER_CODE)
    fault = (serial_fault(serial) if serial else "no display serial") or (code_fault(cover) if cover else "no cover code")
    if not fault and not e.source.complete(FieldRole.IDENTITY):
        fault = "the record is incomplete"
    return Interlock("codes", label, fault is None, fault or grouped(serial or ""), remedy)


def _part(e: WriteEvidence) -> Interlock:
    same = e.part is not None and e.checked_part is not None and e.part.die == e.checked_part.die and not _unknowable(e)
    if e.part is None:
        said = "no part answers on the socket"
    elif unknowable := _unknowable(e):
        said = unknowable
    elif e.checked_part is None:
        said = "the part on the socket has not been read"
    else:
        said = e.part.name() if same else f"{e.part.name()} is there, {e.checked_part.name()} was checked"
    return Interlock("part", "Same part as checked", same, said, "Put the new panel on the socket and read it.")


def _model(e: WriteEvidence) -> Interlock:
    return _model_of(e.part, e.model)


def _model_of(part: PartSelf | None, model: Model) -> Interlock:
    agrees = part is not None and part.family == model.key
    said = "no part answers" if part is None else f"the part says {part.family.replace('_', ' ').title()}"
    return Interlock("model", f"Part is for {model.name}", agrees, said, f"Fit a {model.name} part, or correct the ticket.")


def _maker(e: WriteEvidence) -> Interlock:
    label = "Panel maker agrees"
    if e.part is None:
        return Interlock("maker", label, False, "no part answers")
    said = f"panel by {e.part.maker}"
    if e.part.maker not in e.model.makers or e.part.maker in e.model.unreadable_makers:
        return Interlock("maker", label, False, said, f"Use a panel by {e.record_maker or e.model.makers[0]}.")
    if e.record_maker in ("", e.part.maker):
        return Interlock("maker", label, True, said)
    said = f"{said}, record from {e.record_maker}"
    if e.part.maker not in e.model.takes_other_makers:
        return Interlock("maker", label, False, said, f"Use a panel by {e.record_maker}.")
    if not e.tried:
        remedy = f"Plan again from here: trying it is a way of its own, with its own chance. Or use a panel by {e.record_maker}."
        return Interlock("maker", label, False, said, remedy)
    # some take it and some refuse: nobody but the technician decides to spend a write on that
    said = f"{said}: {e.decided or 'it may be refused, and the write counts'}"
    remedy = f"Decide to try it, or use a panel by {e.record_maker}."
    return Interlock("maker", label, bool(e.decided), said, remedy, offers=None if e.decided else Remedy.DECIDE)


def _firmware(e: WriteEvidence) -> Interlock:
    return _firmware_of(e.firmware, e.model)


def _firmware_of(firmware: Version | None, model: Model) -> Interlock:
    needed = model.programmer_firmware
    enough = firmware is not None and firmware >= needed
    said = "no programmer" if firmware is None else f"has {firmware}, {model.name} needs {needed}"
    offers = None if enough else Remedy.FIRMWARE
    return Interlock("firmware", "Firmware new enough", enough, said, "Update the programmer.", offers)


def _phone(e: WriteEvidence) -> Interlock:
    said = "it answers: it is on" if e.phone_on else "it does not answer: off"
    return Interlock("phone", "Phone off", not e.phone_on, said, "Switch the phone off and disconnect its battery.")


def _budget(e: WriteEvidence) -> Interlock:
    odds = e.budget.next_odds()
    said = f"{e.budget.counted} had, next: {100 * odds:.0f} %"
    return Interlock("budget", "Writes left", odds > 0, said, "Use another panel.")


def _doubt(e: WriteEvidence) -> Interlock:
    return _settled(e.act_in_doubt)


def _settled(act_in_doubt: bool) -> Interlock:
    said = "an earlier act on it was never settled" if act_in_doubt else "every earlier act is settled"
    offers = Remedy.SETTLE if act_in_doubt else None
    return Interlock("doubt", "No act in doubt", not act_in_doubt, said, "Put the part on the socket and settle the act.", offers)
