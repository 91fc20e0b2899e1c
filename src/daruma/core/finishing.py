"""What the phone's own finishing does with a part: where the part comes from decides what the parts page says for ever."""

from enum import Enum


class Origin(Enum):
    """Say where a genuine part comes from, as far as the phone's finishing asks for it."""

    NEW = "genuine, sealed"
    USED = "genuine, was in another phone"
    LOCKED = "genuine, locked to an account"


ORIGIN_WORDS = {origin: origin.value for origin in Origin}
USED_FOR_EVER = (
    "A part that was bound elsewhere says used from then on, even back in its own phone: never swap parts only to try."
)
OWNER_ONLY = "Only its owner can release it; a shop must not try to get round that."
