"""Make the demo's serials, codes and phones: plausible values from a seeded generator."""

import random

from msgspec import Struct
from stdnum import luhn

from daruma.core.kinds import rooms
from daruma.core.model import Model
from daruma.core.pairing import Condition
from daruma.core.parts import Identity
from daruma.core.serials import with_check
from daruma.standin.world import Phone

ALPHABET = "0123456789ABCDEFGHJKLMNPQRSTUVWXYZ"
# how the parts are that no kind speaks for yet
_AS_THEY_ARE = {
    Condition.DOT_MAP_READABLE: True,
    Condition.LINK_LINES_NORMAL: True,
    Condition.FLASHED_AFTER_SWAP: True,
    Condition.SWEEP_DONE: True,
    Condition.MOTOR_SOUND: True,
    Condition.DISPLAY_FINISHED: False,
}


class Maker(Struct):
    """Make serials, codes and phones, each new one different."""

    rng: random.Random

    def serial(self, start: str, digits: int = 16) -> str:
        """Return a serial whose check character is neither I nor O."""
        while True:
            serial = with_check(start + "".join(self.rng.choices(ALPHABET, k=digits - 1 - len(start))))
            if serial[-1] not in "IO":
                return serial

    def code(self, digits: int = 16) -> str:
        """Return a code of hexadecimal digits."""
        return "".join(self.rng.choices("0123456789ABCDEF", k=digits))

    def imei(self) -> str:
        """Return an IMEI of the test range (leading 00) with its check digit."""
        body = "00" + "".join(self.rng.choices("0123456789", k=12))
        return body + str(luhn.calc_check_digit(body))

    def phone(self, model: Model, system: str, label: str) -> Phone:
        """Return a phone without the parts that kinds speak for; its board expects codes that nothing carries yet."""
        board = {identity.value: self.code(12) for identity in Identity}
        spoken = {identity.value for room in rooms() for identity in room.identities}
        carried = {key: value for key, value in board.items() if key not in spoken}
        conditions = {condition.value: holds for condition, holds in _AS_THEY_ARE.items()}
        return Phone(label, model.key, self.imei(), system, board, carried, conditions)
