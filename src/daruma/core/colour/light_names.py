"""What lights are called: the box's own lamps in the user's language, others as they were named."""

from daruma.core.language import tr

_LAMPS = {"warm": tr("warm"), "neutral": tr("neutral"), "cool": tr("cool")}


def lamp_name(light: str) -> str:
    """Return what a light is called."""
    return _LAMPS.get(light, light)
