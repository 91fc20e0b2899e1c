"""What a phone knows of itself: nothing is unknown to it."""

from daruma.core.model import Model
from daruma.core.pairing import Condition, Facts
from daruma.core.parts import Identity, Version
from daruma.standin.kinds import rooms
from daruma.standin.world import Phone, World


def readable_board(phone: Phone, model: Model) -> dict[str, str]:
    """Return the expected identities that the board gives over the cable."""
    hidden = set() if model.codes_over_cable or phone.unbound else {Identity.DISPLAY_SERIAL.value, Identity.COVER_CODE.value}
    return {key: value for key, value in phone.board.items() if key not in hidden}


def facts(world: World, phone: Phone, model: Model) -> Facts:
    """Return everything the phone knows."""
    carried: dict[Identity, str | None] = {Identity(key): value for key, value in phone.carried.items()}
    conditions = {Condition(key): value for key, value in phone.conditions.items()}
    for room in rooms():
        seen = room.seen(world, phone, model)
        carried |= seen.carried
        conditions |= seen.conditions
    expected = {Identity(key): value for key, value in phone.board.items()}
    return Facts(model, Version.parse(phone.system), expected, carried, conditions)
