"""The demo's files in its folder, and what it was made as."""

from daruma.core.language import spoken
from daruma.core.settings import DEVICES, STANDIN

WORLD = "world.json"
PRACTICE = "practice/world.json"  # the stand-ins' world in the folder of a shop of one's own
SET = {
    "shop.name": "Lantern Quay Phones, Port Ellery",
    "shop.address": "14 Lantern Quay\nPort Ellery",
    "shop.reach": "bench@lantern-quay.example",
    **{f"devices.{kind}": STANDIN for kind in DEVICES},
}
SECOND = "second place"  # in a shop it is another disk or a network share
MADE = "made-as.txt"


def made_as() -> str:
    """Return what the demo is made as.

    It is built anew where its records changed their layout, parts of a further kind are in its phones, or its history is
    to be told in another language.
    """
    from daruma.core.kinds import KINDS  # every room, and these names are read before the first paint

    return " ".join(("8", *KINDS.values(), *(() if spoken() == "en" else (spoken(),))))
