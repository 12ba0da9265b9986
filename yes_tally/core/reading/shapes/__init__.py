"""The shapes: how text is laid out. One file each; adding one touches its file and one line here."""

from __future__ import annotations

from yes_tally.core.reading.shapes import aligned_columns, pairs, ruled_table, tagged_lines
from yes_tally.core.reading.shapes.layout import Layout, Shape

SHAPES: dict[str, Shape] = {}


class ShapeClash(ValueError):
    """Two shapes claim one name."""


def register(name: str, shape: Shape) -> None:
    """Add a shape under its name. Raises ``ShapeClash`` when the name is taken."""
    if name in SHAPES:
        raise ShapeClash(f"the shape {name!r} is already {SHAPES[name].__module__}")
    SHAPES[name] = shape


register("ruled table", ruled_table.lay_out)
register("pairs", pairs.lay_out)
register("aligned columns", aligned_columns.lay_out)
register("tagged lines", tagged_lines.lay_out)

__all__ = ["SHAPES", "Layout", "Shape", "ShapeClash", "register"]
