"""The demo's files in its folder, and what it was made as."""

WORLD = "world.json"
MADE, MADE_AS = "made-as.txt", "5"  # the demo is built anew where its records changed their layout
