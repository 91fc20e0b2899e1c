"""What can go wrong between the bench and a device."""

from daruma.core.errors import Cause, Trouble


class LinkError(Trouble):
    """Report that a device could not be reached or understood."""

    usual = Cause.LINK


class DeviceGone(LinkError):
    """Report that a device was unplugged or never there."""


class DeviceSilent(LinkError):
    """Report that a device did not answer in time."""


class DeviceFault(LinkError):
    """Report that a device answered what it may not: its fault, and nothing to go by."""

    usual = Cause.DEVICE


# what a refusal says of the step itself; the others lie in firmware, hands or device
_OF_THE_STEP = frozenset({"empty", "maker", "spent", "busy", "no"})


class Refused(LinkError):
    """Report that a device answered no, with its code."""

    def __init__(self, code: str, what: str, *, safe: str = "", advice: str = "") -> None:
        cause = Cause.STEP if code in _OF_THE_STEP else Cause.FIRMWARE if code == "firmware" else Cause.OTHER
        super().__init__(what, safe=safe, advice=advice, cause=cause)
        self.code = code
