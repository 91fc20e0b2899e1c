"""What can go wrong between the bench and a device."""

from daruma.core.errors import Trouble


class LinkError(Trouble):
    """Report that a device could not be reached or understood."""


class DeviceGone(LinkError):
    """Report that a device was unplugged or never there."""


class DeviceSilent(LinkError):
    """Report that a device did not answer in time."""


class Refused(LinkError):
    """Report that a device answered no, with its code."""

    def __init__(self, code: str, what: str, *, safe: str = "", advice: str = "") -> None:
        super().__init__(what, safe=safe, advice=advice)
        self.code = code
