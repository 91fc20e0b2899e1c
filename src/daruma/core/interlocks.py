"""Interlocks: what must hold before an act that cannot be taken back, each with its evidence."""

from msgspec import Struct

from daruma.core.errors import Remedy
from daruma.core.language import tr
from daruma.core.model import Model
from daruma.core.parts import PART_NOUN, PartKind, PartSelf, Version


class Interlock(Struct, frozen=True):
    """Hold one condition: lit or dark, the evidence for it, how to light it; where it is dark, the act that would."""

    key: str
    label: str
    lit: bool
    evidence: str
    remedy: str = ""
    offers: Remedy | None = None


class BackupEvidence(Struct, frozen=True):
    """Hold whose a verified backup is: its name, the phone and model it is of, and the file it was imported from, if any."""

    name: str
    imei: str
    model: str
    arrived: str = ""


class PhoneEvidence(Struct, frozen=True):
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
    ends = (
        tr("IMEI ends in {imei}, the ticket's in {ticket_imei}", imei=e.imei[-4:], ticket_imei=e.ticket_imei[-4:])
        if e.imei is not None
        else ""
    )
    knows = e.system is not None and e.window is not None and e.window[0] <= e.system <= e.window[1]
    range_ = (
        tr("it is done with {window} to {window_2}", window=e.window[0], window_2=e.window[1])
        if e.window
        else tr("this model does not know it")
    )
    return (
        Interlock(
            "phone",
            tr("The ticket's phone is on"),
            same,
            tr("the right phone answers") if same else ends or tr("no phone answers on the cable"),
            tr("Switch this job's phone on and put it on the cable."),
        ),
        Interlock(
            "trust",
            tr("The phone trusts this bench"),
            e.trusted,
            tr("its owner has confirmed") if e.trusted else tr("not confirmed yet"),
            tr("Unlock the phone and confirm trust on it."),
            None if e.trusted else Remedy.TRUST,
        ),
        Interlock(
            "system", tr("System version knows it"), knows, f"{e.system or tr('not known')}; {range_}", tr("Plan another way.")
        ),
        settled(e.act_in_doubt),
    )


LEAST_CHARGE = 40.0  # percent of the battery before a system is flashed (ours)


def charge_interlock(charge: float | None) -> Interlock:
    """Return the interlock of flashing: never on an empty battery."""
    enough = charge is not None and charge >= LEAST_CHARGE
    said = (
        tr("not known")
        if charge is None
        else tr("{charge:.0f} %, at least {least_charge:.0f} % are needed", charge=charge, least_charge=LEAST_CHARGE)
    )
    return Interlock("charge", tr("Battery charged"), enough, said, tr("Charge the phone first."))


def once_interlock(spent: bool, what: str) -> Interlock:
    """Return the interlock of an act that a part takes once in its life: dark for good once it was begun."""
    said = tr("begun before on this part: counted as spent") if spent else tr("never begun on this part")
    return Interlock("once", tr("{what} not used yet", what=what), not spent, said, tr("Use another part."))


def dark(interlocks: tuple[Interlock, ...]) -> tuple[Interlock, ...]:
    """Return the interlocks that are not lit."""
    return tuple(lock for lock in interlocks if not lock.lit)


def imported(arrived: str) -> str:
    """Return that something was imported, to be added to what is said of it; empty where it was not."""
    return tr(", imported: {arrived}", arrived=arrived) if arrived else ""


def kept(backup: BackupEvidence | None, remedy: str) -> Interlock:
    """Say whether a backup is kept and verified."""
    said = tr("no verified backup of this job")
    if backup is not None:
        said = tr("{backup}, its bytes verified", backup=backup.name) + imported(backup.arrived)
    return Interlock("backup", tr("Backup kept, read back"), backup is not None, said, remedy)


def owner(backup: BackupEvidence | None, imei: str, model: Model) -> Interlock:
    """Compare the phone that the backup is of with the ticket's: a name alone may have come to mean another one."""
    same = backup is not None and backup.imei == imei and bool(imei)
    if backup is None:
        said = tr("no backup")
    elif not same:
        said = tr(
            "{backup} is of the phone …{imei}, the ticket says …{imei_2}",
            backup=backup.name,
            imei=backup.imei[-4:] or "?",
            imei_2=imei[-4:] or "?",
        )
    elif backup.model != model.key:
        said = tr("{backup} is of a {model}", backup=backup.name, model=backup.model.replace("_", " ").title())
    else:
        said = tr("its IMEI ends in {imei}", imei=imei[-4:])
    lit = same and backup is not None and backup.model == model.key
    return Interlock(
        "owner", tr("Backup is of this phone"), lit, said, tr("Read this phone's own original, or correct the ticket.")
    )


def model_of(part: PartSelf | None, model: Model) -> Interlock:
    """Say whether a part is for the model."""
    agrees = part is not None and part.family == model.key
    said = tr("no part answers") if part is None else tr("the part says {family}", family=part.family.replace("_", " ").title())
    said += imported(model.arrived)
    return Interlock(
        "model",
        tr("Part is for {model}", model=model.name),
        agrees,
        said,
        tr("Fit a {model} part, or correct the ticket.", model=model.name),
    )


def firmware_of(firmware: Version | None, model: Model) -> Interlock:
    """Say whether the programmer's firmware is new enough."""
    needed = model.programmer_firmware
    enough = firmware is not None and firmware >= needed
    said = (
        tr("no programmer")
        if firmware is None
        else tr("has {firmware}, {model} needs {needed}", firmware=firmware, model=model.name, needed=needed)
    )
    offers = None if enough else Remedy.FIRMWARE
    return Interlock("firmware", tr("Firmware new enough"), enough, said, tr("Update the programmer."), offers)


def settled(act_in_doubt: bool) -> Interlock:
    """Say whether every earlier act on it is settled."""
    said = tr("an earlier act on it was never settled") if act_in_doubt else tr("every earlier act is settled")
    offers = Remedy.SETTLE if act_in_doubt else None
    return Interlock(
        "doubt", tr("No act in doubt"), not act_in_doubt, said, tr("Put the part on the socket and settle the act."), offers
    )


def unknowable(part: PartSelf | None, *, alike: bool) -> str:
    """Return why a part cannot be told from others, so that its writes could not be counted; empty where it can."""
    if part is not None and not part.die.strip():
        return tr("the part does not say who it is: its writes could not be counted")
    return tr("another part on the bench calls itself the same") if alike else ""


class PartEvidence(Struct, frozen=True):
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
        said = tr("no part answers on the holder")
    elif hidden:
        said = hidden
    elif is_source:
        said = tr("{part} is the original", part=e.part.name())
    else:
        said = e.part.name() if new else tr("{part} is a {kind}", part=e.part.name(), kind=e.part.kind.value.replace("_", " "))
    return (
        kept(e.backup, tr("Get the original {noun}'s data, or choose an earlier backup.", noun=noun)),
        owner(e.backup, e.imei, e.model),
        Interlock(
            "part", tr("A new {noun} on the holder", noun=noun), new, said, tr("Put the new {noun} on the holder.", noun=noun)
        ),
        model_of(e.part, e.model),
        firmware_of(e.firmware, e.model),
        settled(e.act_in_doubt),
    )
