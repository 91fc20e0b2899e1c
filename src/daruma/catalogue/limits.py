"""How large a catalogue file may be."""

LARGEST_FILE = 64_000  # bytes; a hand-written model has a few thousand
LONGEST_LINE = 1000  # characters: the parser's time grows with the square of a dotted key's length
