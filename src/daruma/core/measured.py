"""What was measured on a job's display: the panel sheet's fields, the brightness levels, the lights as the phone saw them."""

from msgspec import Struct
from msgspec.structs import replace

from daruma.core.colour.chromaticity import XYZ
from daruma.core.colour.shots import Level, Taken

# standard uncertainties taken for instruments that a file does not describe (ours)
IMPORTED_UV = 0.0010  # of a chromaticity, as a distance in u'v'
IMPORTED_LUMINANCE = 0.03  # of a luminance, relative


class LightRead(Struct, frozen=True):
    """Hold one light as the phone's ambient sensor counts it and as the instrument measures it.

    `gains` are those stored for the channels (1000 leaves a channel as it is), `phone_xyz` what the phone makes of both;
    XYZ with Y in lux.
    """

    light: str
    counts: tuple[float, ...]
    gains: tuple[float, ...]
    phone_xyz: XYZ
    xyz: XYZ


class Measured(Struct, frozen=True):
    """Hold all of it, each with the instrument and the die of the panel that it was measured on.

    `uv` and `luminance` are the instrument's standard uncertainties: a distance in u'v', a relative luminance. `arrived` is
    the file that some of it was imported from.
    """

    fields: tuple[Taken, ...] = ()
    levels: tuple[Level, ...] = ()
    lights: tuple[LightRead, ...] = ()
    instrument: str = ""
    when: str = ""
    die: str = ""
    uv: float = IMPORTED_UV
    luminance: float = IMPORTED_LUMINANCE
    arrived: str = ""

    def with_light(self, read: LightRead) -> "Measured":
        """Return it with a light added, in place of an earlier reading of the same one."""
        return replace(self, lights=(*(light for light in self.lights if light.light != read.light), read))
