"""What can be wrong with catalogue files."""

from daruma.core.errors import Trouble


class CatalogueTrouble(Trouble):
    """Report a catalogue file that cannot be used."""
