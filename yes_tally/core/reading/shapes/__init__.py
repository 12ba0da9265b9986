"""The shapes: how text is laid out. One file each; adding one touches its file and one line here."""

from __future__ import annotations

from yes_tally.core.reading.shapes import (
    aligned_columns,
    assignments,
    delimited,
    json_tree,
    key_value_columns,
    markup,
    paired_columns,
    pairs,
    rows_of_kinds,
    ruled_table,
    tagged_lines,
    turned_table,
    values_below,
    words_first,
)
from yes_tally.core.reading.shapes.layout import Layout, Shape

SHAPES: dict[str, Shape] = {}
"""The shapes of a block: lines without a blank line between them."""

WHOLE: dict[str, Shape] = {}
"""The shapes of a whole section, tried before it is cut into blocks."""


class ShapeClash(ValueError):
    """Two shapes claim one name."""


def register(name: str, shape: Shape, *, whole: bool = False) -> None:
    """Add a shape of a block, or of a ``whole`` section, under its name. Raises ``ShapeClash`` when it is taken."""
    for known in (SHAPES, WHOLE):
        if name in known:
            raise ShapeClash(f"the shape {name!r} is already {known[name].__module__}")
    (WHOLE if whole else SHAPES)[name] = shape


register("key and value columns", key_value_columns.lay_out)
register("ruled table", ruled_table.lay_out)
register("assignments", assignments.lay_out)
register("paired columns", paired_columns.lay_out)
register("rows of kinds", rows_of_kinds.lay_out)
register("turned table", turned_table.lay_out)
register("delimited", delimited.lay_out)
register("pairs", pairs.lay_out)
register("aligned columns", aligned_columns.lay_out)
register("values below", values_below.lay_out)
register("tagged lines", tagged_lines.lay_out)
register("words first", words_first.lay_out)
register("JSON", json_tree.lay_out, whole=True)
register("markup", markup.lay_out, whole=True)

__all__ = ["SHAPES", "WHOLE", "Layout", "Shape", "ShapeClash", "register"]
