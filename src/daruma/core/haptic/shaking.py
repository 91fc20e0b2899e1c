"""What a phone's accelerometer sees of its haptic motor, and what the motor's drive is calibrated to."""

from msgspec import Struct


class Drive(Struct, frozen=True):
    """Hold a motor's drive calibration: resonance (Hz), level (g), brake (s)."""

    f0: float
    level: float
    brake: float


class Shake(Struct, frozen=True):
    """Hold what the accelerometer saw: samples a second, seconds after which the drive ended, whether it was braked, g (n)."""

    rate: float
    driven: float
    braked: bool
    values: tuple[float, ...]
