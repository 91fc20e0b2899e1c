"""The demo's files in its folder, and what it was made as."""

from daruma.core.kinds import KINDS

WORLD = "world.json"
SECOND = "second place"  # in a shop it is another disk or a network share
MADE = "made-as.txt"
# the demo is built anew where its records changed their layout, or parts of a further kind are in its phones
MADE_AS = " ".join(("7", *KINDS.values()))
