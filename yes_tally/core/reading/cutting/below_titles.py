"""What stands right below a title that names its kind (``Disks:``)."""

from __future__ import annotations

from collections.abc import Sequence

from yes_tally.core.reading.cutting.best_layout import best_layout
from yes_tally.core.reading.cutting.titles import kind_alone
from yes_tally.core.reading.phrases import names_item
from yes_tally.core.reading.shapes.layout import Heading, Layout, all_entries, indent_of, is_rule
from yes_tally.core.reading.text.decode import Line

# As surely the lines below a title that names their kind are of one shape.
_SURELY = 0.6
_NESTED = ("pairs", "records")


def below_kind(chunk: list[Line], layout: Layout | None) -> tuple[Heading, Layout] | None:
    """The title of a chunk that names what is listed right below it (``Disks:``), and how that is laid out, where it is so
    more surely than together with the title; else ``None``."""
    title = kind_alone(chunk[0].text) if len(chunk) > 2 else ""
    if not title or any(kind_alone(line.text) for line in chunk[1:]):
        return None
    deeper = indent_of(chunk[1].text) > indent_of(chunk[0].text)
    rest = best_layout(chunk[1:])
    if rest is None or not _explains(rest, chunk[1:]):
        return None
    entries = all_entries(layout.groups) if layout else []
    lost = bool(entries) and entries[0].line == chunk[0].number and not entries[0].printed  # a pair without a value
    if _are_headed(rest, by_number=True):
        pass  # ``Disk 0`` over its pairs: surely records
    elif layout and layout.shape in _NESTED and rest.shape in _NESTED:
        if deeper and not (lost and _are_headed(rest)):
            return None  # a record, and its heading
    elif rest.score < _SURELY or (layout and rest.score <= layout.score - (_AS_SURELY if lost else 0)):
        return None
    return Heading(title, chunk[0].number, 1), rest


_AS_SURELY = 0.1


def _are_headed(layout: Layout, *, by_number: bool = False) -> bool:
    """Whether a layout is nothing but records under headings of their own, each of which may have to number a thing."""
    records = [part for group in layout.groups for part in ([group] if group.heading else group.children)]
    if by_number and not all(part.heading and names_item(part.heading.text) for part in records):
        return False
    return (
        bool(records)
        and all(part.heading for part in records)
        and not any(group.entries and not group.heading for group in layout.groups)
    )


def _explains(layout: Layout, lines: Sequence[Line]) -> bool:
    """Whether a layout has nearly all lines of a chunk in it."""
    parts = [part for group in layout.groups for part in group.walk()]
    told = {entry.line for part in parts for entry in part.entries} | {line for part in parts for line in part.frame}
    told |= {part.heading.line for part in parts if part.heading}
    left = [line for line in lines if line.number not in told and not is_rule(line.text)]
    return len(left) * 5 <= len(lines)
