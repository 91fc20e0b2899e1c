"""Published lamps and illuminants: their spectra, as the sensor's regression and the simulated light box need them."""

import numpy as np
import numpy.typing as npt
from msgspec import Struct

from daruma.core.colour.spectrum import spectrum_to_xyz

Floats = npt.NDArray[np.float64]


class Lamps(Struct, frozen=True):
    """Hold named spectra: `nanometres` of shape (n,), `power` of shape (lamps, n) in any unit."""

    names: tuple[str, ...]
    nanometres: Floats
    power: Floats

    def at(self, lux: float) -> Floats:
        """Return every spectrum scaled to an illuminance, in W/m2/nm."""
        return np.asarray(self.power * (lux / spectrum_to_xyz(self.nanometres, self.power)[:, 1:2]), dtype=np.float64)

    def spectrum(self, name: str, lux: float) -> Floats:
        """Return one spectrum at an illuminance, in W/m2/nm; raise LookupError for an unknown name."""
        try:
            index = self.names.index(name)
        except ValueError as error:
            raise LookupError(f"no lamp {name}; known are {', '.join(self.names)}") from error
        return np.asarray(self.at(lux)[index], dtype=np.float64)

    def xyz(self, name: str, lux: float) -> Floats:
        """Return one lamp's XYZ at an illuminance, Y in lux."""
        return spectrum_to_xyz(self.nanometres, self.spectrum(name, lux))
