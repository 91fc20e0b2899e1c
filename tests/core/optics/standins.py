"""Parts of the stand-ins asked without a wire: what a phone would answer, straight from the simulated thing."""

import random
from typing import Any

from daruma.bench.context import Context
from daruma.bench.kinds.front_camera.session import Session
from daruma.catalogue.loader import Catalogue
from daruma.core.optics.frames import Frame
from daruma.core.optics.sweep import SweepChunk
from daruma.demo.laying import Laying
from daruma.demo.maker import Maker
from daruma.standin.kinds import front_camera, rear_camera
from daruma.standin.kinds.front_camera import FrontCamera
from daruma.standin.kinds.rear_camera import RearCamera
from daruma.standin.sweep import Rig, chunk


class Asked:
    """A phone that is asked directly, in place of a driver with its port."""

    def __init__(self, catalogue: Catalogue, seed: int, model: str = "damson") -> None:
        self.catalogue, self.model = catalogue, catalogue.models[model]
        self.laying = Laying(Maker(random.Random(seed)))
        self.laying.world.seed = seed
        self.phone = self.laying.phone(self.model, "5.2", "a phone", {})
        self._asked = {**front_camera.ROOM.asked, **rear_camera.ROOM.asked}

    @property
    def port(self) -> "Asked":
        return self

    def ask(self, op: str, args: dict[str, Any] | None = None, **_: Any) -> dict[str, Any]:
        return self._asked[op](self.laying.world, self.phone, self.model, self.catalogue, args or {})

    @property
    def front(self) -> FrontCamera:
        return self.laying.world.home(self.phone, FrontCamera)

    @property
    def rear(self) -> RearCamera:
        return self.laying.world.home(self.phone, RearCamera)

    def frames(self) -> tuple[Frame, ...]:
        return Session(self, Context()).frames()  # type: ignore[arg-type]

    def views(self) -> dict[str, Any]:
        import numpy as np

        answers = [self.ask("phone.board", {"view": view})["seen"] for view in range(5)]
        return {
            str(view): np.array(
                [int.from_bytes(data[i : i + 4], "big", signed=True) / 32 for i in range(0, len(data), 4)]
            ).reshape(-1, 2)
            for view, data in enumerate(answers)
        }

    def swept(self, seconds: float) -> list[SweepChunk]:
        """The first seconds of a sweep, as far as anybody turns."""
        x, y, z = self.rear.turn
        rng = random.Random(f"bias {self.phone.imei}")
        bias = (rng.gauss(0, 0.01), rng.gauss(0, 0.01), rng.gauss(0, 0.01))
        rig = Rig((x, y, z), self.rear.late, tuple(self.rear.lens), bias, f"{self.phone.imei}")
        return [chunk(rig, at, at + 2.0) for at in range(0, round(seconds), 2)]
