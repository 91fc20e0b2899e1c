"""Empty shops for tests: a store is made once and copied, since making one takes many times as long."""

from functools import cache
from pathlib import Path
from tempfile import TemporaryDirectory

from daruma.store.shop import Shop


def empty_shop(folder: Path, second: Path | None = None) -> Shop:
    """Open a shop in a new folder in which nothing was kept yet."""
    folder.mkdir(mode=0o700)
    for name, data in _files().items():
        (folder / name).touch(mode=0o600)
        (folder / name).write_bytes(data)
    return Shop(folder, second)


@cache
def _files() -> dict[str, bytes]:
    with TemporaryDirectory(prefix="daruma") as top:
        folder = Path(top) / "shop"
        Shop(folder).close()
        return {file.name: file.read_bytes() for file in folder.iterdir() if file.is_file()}
