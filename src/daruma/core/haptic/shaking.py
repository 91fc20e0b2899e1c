"""What a phone's accelerometer sees of its haptic motor, and what the motor's drive is calibrated to."""

from dataclasses import dataclass


@dataclass(frozen=True, slots=True)
class Drive:
    """Hold a motor's drive calibration: resonance (Hz), level (g), brake (s)."""

    f0: float
    level: float
    brake: float


@dataclass(frozen=True, slots=True)
class Shake:
    """Hold what the accelerometer saw: samples a second, seconds after which the drive ended, whether it was braked, g (n)."""

    rate: float
    driven: float
    braked: bool
    values: tuple[float, ...]
