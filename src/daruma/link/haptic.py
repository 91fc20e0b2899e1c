"""What a phone's accelerometer sees of its haptic motor."""

from daruma.core.haptic.shaking import Shake
from daruma.link.devices import PhoneLink
from daruma.link.shapes import number, read

MOST = 4000  # samples of one shake
_G = 4096.0  # counts of one g


def shake(phone: PhoneLink, *, brake: bool) -> Shake:
    """Let the phone drive its motor once, braked at the end or left to ring, and return what was seen."""
    answer = phone.port.ask("phone.shake", {"brake": brake}, repeatable=False)

    def built() -> Shake:
        data, rate, driven = answer["g"], number(answer["rate"]), number(answer["driven"])
        if not isinstance(data, bytes) or len(data) % 2 or len(data) > 2 * MOST or not 200 <= rate <= 10_000:
            raise ValueError("no shake")
        if not 0 < driven < len(data) / 2 / rate:
            raise ValueError("a drive that is longer than the shake")
        counts = (int.from_bytes(data[i : i + 2], "big", signed=True) for i in range(0, len(data), 2))
        return Shake(rate, driven, brake, tuple(count / _G for count in counts))

    return read(built)
