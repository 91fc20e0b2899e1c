"""The settings as text: for the terminal with their values, for the documentation with their limits."""

from daruma.core.language import tr
from daruma.core.settings import Setting, Settings, declared, groups

HEAD = """# Settings

Everything a shop sets lies in `shop.toml` in its data folder. The window writes it (Shop, Set-up) and it may be edited by hand:
comments and further lines stay. A value that cannot be used is named with its line and counts as not set.
This page is written by `daruma settings --markdown`.
"""


def settings_text(settings: Settings) -> str:
    """Return every setting with its value, one a line."""
    lines = []
    for key in declared():
        usual = "" if key in settings.values else tr("  (usual)")
        lines.append(f"{key} = {_shown(settings[key])}{usual}")
    return "\n".join(lines) + "\n"


def settings_page() -> str:
    """Return the page of the documentation."""
    lines = [HEAD]
    for group in groups():
        lines += [
            f"## {group.title} (`[{group.table}]`)",
            "",
            tr("{group} Without it: {without}", group=group.what, without=group.without),
            "",
        ]
        lines += [tr("| name | usual | may be | what it is |"), "|---|---|---|---|", *map(_row, group.settings), ""]
    return "\n".join(lines)


def _row(setting: Setting) -> str:
    what = ": ".join(text for text in (setting.words or _of_function(setting), setting.why) if text)
    return f"| `{setting.name}` | `{_shown(setting.default)}` | {setting.limits} | {what} |"


def _of_function(setting: Setting) -> str:
    return (
        tr("what a kept promise of {setting} is worth", setting=setting.name.replace("_", " "))
        if setting.function is not None
        else ""
    )


def _shown(value: object) -> str:
    if isinstance(value, bool):
        return str(value).lower()
    if isinstance(value, float):
        return f"{value:g}"
    if isinstance(value, tuple):
        return "[" + ", ".join(f'"{word}"' for word in value) + "]"
    return '"' + str(value).replace("\n", "\\n") + '"'
