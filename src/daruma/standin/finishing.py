"""The phone's own finishing: a session that is begun once, a service that is busy at times, parts that are bound as they are."""

from math import exp

from daruma.core.model import Model
from daruma.core.parts import PART_NOUN, PartKind, PartStatus, Version
from daruma.standin.errors import No
from daruma.standin.kinds.room import Hand
from daruma.standin.world import Phone, World

_SESSION, _DIAGNOSTIC = "finishing session", "diagnostic mode"
# the hour at which the service is busiest, how many hours around it, the chance then, the least that is played
_EVENING, _WIDE, _WORST, _LEAST = 19.0, 2.5, 0.55, 0.02
GENUINE_DIE = "G"  # how the dies of the shop's genuine parts begin


def busy_chance(hour: float) -> float:
    """Return the chance that the service is busy at an hour of the day."""
    away = min(abs(hour - _EVENING), 24 - abs(hour - _EVENING))
    return _WORST * exp(-((away / _WIDE) ** 2) / 2)


def begin(hand: Hand) -> None:
    """Begin the session: parts page, restart and finish, network, terms."""
    if not hand.phone.on:
        raise No("no", "the phone is off")
    hand.phone.status[_SESSION] = "begun"


def diagnose(hand: Hand) -> None:
    """Start the phone in its diagnostic mode: off, both volume keys held, charger in."""
    hand.phone.status[_DIAGNOSTIC] = "on"


def over(phone: Phone) -> None:
    """End session and diagnostic mode: the phone was switched off."""
    for name in (_SESSION, _DIAGNOSTIC):
        phone.status.pop(name, None)


def due(world: World, phone: Phone, model: Model, kind: PartKind) -> None:
    """Raise No where the phone finishes no part of a kind now: by version, session, a missing sweep, a busy service."""
    system = Version.parse(phone.system)
    if model.finishing_since is None or system < model.finishing_since or kind not in model.era(system).finishes:
        raise No("no", f"this phone finishes no {PART_NOUN[kind]} with {phone.system}")
    if phone.status.get(_SESSION) != "begun":
        raise No("no", "finishing is not begun: parts page, restart and finish")
    if kind is not PartKind.REAR_CAMERA and phone.status.get(unswept(PartKind.REAR_CAMERA)):
        raise No("no", "the rear camera is not finished: the other parts stay unfinished")
    if phone.status.get(_DIAGNOSTIC) == "on":
        return
    chance = busy_chance(world.hour)
    if world.faults.take("service_busy") or (chance > _LEAST and world.chance().random() < chance):
        raise No("busy", "the service that finishes parts is busy")


def unswept(kind: PartKind) -> str:
    """Return under which name a phone remembers that its rear camera waits for the sweep."""
    return f"{kind.value} unswept"


def from_stock(phone: Phone, model: Model, kind: PartKind) -> tuple[bool, bool]:
    """Return whether the shop's genuine part for a phone was bound elsewhere before, and whether it is locked."""
    what, era = phone.stock.get(kind.value, "new"), model.era(Version.parse(phone.system))
    return what != "new", what == "locked" and kind in era.lockable


def finished(world: World, phone: Phone, kind: PartKind, *, bound_before: bool) -> dict[str, str]:
    """Note that a part was finished, and what the parts page says from then on."""
    status = (PartStatus.USED if bound_before else PartStatus.GENUINE).value
    phone.status[kind.value] = status
    world.happened("finish", phone.imei, kind.value if kind is not PartKind.DISPLAY else status)
    return {"status": status}


def waiting(phone: Phone, model: Model, kind: PartKind) -> PartStatus:
    """Return what the parts page says of a part that is not the phone's own and was not finished."""
    die = phone.fitted.get(kind.value) or ""
    if not die.startswith(GENUINE_DIE):
        return PartStatus.UNKNOWN
    return PartStatus.LOCKED if from_stock(phone, model, kind)[1] else PartStatus.UNFINISHED


def genuine_die(phone: Phone, kind: PartKind) -> str:
    """Return the die of the shop's genuine part of a kind for a phone."""
    return f"{GENUINE_DIE}{kind.value[:1].upper()}{phone.imei}"
