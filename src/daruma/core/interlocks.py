"""Interlocks: what must hold before an act that cannot be taken back, each with its evidence."""

from dataclasses import dataclass

from daruma.core.errors import Remedy
from daruma.core.model import Model
from daruma.core.parts import PART_NOUN, PartKind, PartSelf, Version


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
        settled(e.act_in_doubt),
    )


LEAST_CHARGE = 40.0  # percent of the battery before a system is flashed (ours)


def charge_interlock(charge: float | None) -> Interlock:
    """Return the interlock of flashing: never on an empty battery."""
    enough = charge is not None and charge >= LEAST_CHARGE
    said = "not known" if charge is None else f"{charge:.0f} %, at least {LEAST_CHARGE:.0f} % are needed"
    return Interlock("charge", "Battery charged", enough, said, "Charge the phone first.")


def once_interlock(spent: bool, what: str) -> Interlock:
    """Return the interlock of an act that a part takes once in its life: dark for good once it was begun."""
    said = "begun before on this part: counted as spent" if spent else "never begun on this part"
    return Interlock("once", f"{what} not used yet", not spent, said, "Use another part.")


def dark(interlocks: tuple[Interlock, ...]) -> tuple[Interlock, ...]:
    """Return the interlocks that are not lit."""
    return tuple(lock for lock in interlocks if not lock.lit)


def kept(backup: BackupEvidence | None, remedy: str) -> Interlock:
    """Say whether a backup is kept and verified."""
    said = "no verified backup of this job"
    if backup is not None:
        said = f"{backup.name}, its bytes verified" + (f", imported: {backup.arrived}" if backup.arrived else "")
    return Interlock("backup", "Backup kept, read back", backup is not None, said, remedy)


def owner(backup: BackupEvidence | None, imei: str, model: Model) -> Interlock:
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


def model_of(part: PartSelf | None, model: Model) -> Interlock:
    """Say whether a part is for the model."""
    agrees = part is not None and part.family == model.key
    said = "no part answers" if part is None else f"the part says {part.family.replace('_', ' ').title()}"
    return Interlock("model", f"Part is for {model.name}", agrees, said, f"Fit a {model.name} part, or correct the ticket.")


def firmware_of(firmware: Version | None, model: Model) -> Interlock:
    """Say whether the programmer's firmware is new enough."""
    needed = model.programmer_firmware
    enough = firmware is not None and firmware >= needed
    said = "no programmer" if firmware is None else f"has {firmware}, {model.name} needs {needed}"
    offers = None if enough else Remedy.FIRMWARE
    return Interlock("firmware", "Firmware new enough", enough, said, "Update the programmer.", offers)


def settled(act_in_doubt: bool) -> Interlock:
    """Say whether every earlier act on it is settled."""
    said = "an earlier act on it was never settled" if act_in_doubt else "every earlier act is settled"
    offers = Remedy.SETTLE if act_in_doubt else None
    return Interlock("doubt", "No act in doubt", not act_in_doubt, said, "Put the part on the socket and settle the act.", offers)


def unknowable(part: PartSelf | None, *, alike: bool) -> str:
    """Return why a part cannot be told from others, so that its writes could not be counted; empty where it can."""
    if part is not None and not part.die.strip():
        return "the part does not say who it is: its writes could not be counted"
    return "another part on the bench calls itself the same" if alike else ""


@dataclass(frozen=True, slots=True)
class PartEvidence:
    """Hold what the interlocks of writing a new part on a holder look at: the part, the source and whose it is."""

    kind: PartKind
    model: Model
    part: PartSelf | None
    source_die: str
    backup: BackupEvidence | None
    imei: str
    firmware: Version | None
    act_in_doubt: bool = False
    alike: bool = False
    noun: str = ""


def part_interlocks(evidence: PartEvidence) -> tuple[Interlock, ...]:
    """Return every interlock of writing a new part on a holder."""
    e, noun = evidence, evidence.noun or PART_NOUN[evidence.kind]
    hidden = unknowable(e.part, alike=e.alike)
    is_source = e.part is not None and bool(e.source_die) and e.part.die == e.source_die
    new = e.part is not None and e.part.kind is e.kind and not is_source and not hidden
    if e.part is None:
        said = "no part answers on the holder"
    elif hidden:
        said = hidden
    elif is_source:
        said = f"{e.part.name()} is the original"
    else:
        said = e.part.name() if new else f"{e.part.name()} is a {e.part.kind.value.replace('_', ' ')}"
    return (
        kept(e.backup, f"Get the original {noun}'s data, or choose an earlier backup."),
        owner(e.backup, e.imei, e.model),
        Interlock("part", f"A new {noun} on the holder", new, said, f"Put the new {noun} on the holder."),
        model_of(e.part, e.model),
        firmware_of(e.firmware, e.model),
        settled(e.act_in_doubt),
    )
