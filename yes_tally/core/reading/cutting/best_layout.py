"""How a block is laid out: by the shape that explains it best."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import replace

from yes_tally.core.reading.cutting.beside import halves, title_of
from yes_tally.core.reading.cutting.wrapped import led_back, parts_of_rows, put_together, unfolded
from yes_tally.core.reading.shapes import SHAPES
from yes_tally.core.reading.shapes.layout import Group, Layout
from yes_tally.core.reading.text.decode import Line

MIN_SCORE = 0.2
PLAIN_SCORE = 0.9


def best_layout(lines: Sequence[Line]) -> Layout | None:
    """The shape that explains a block best, or ``None``; where one explains all but everything, no other is tried."""
    parts = parts_of_rows(lines)
    if parts > 1:
        whole, width = put_together(lines, parts)
        layout = best_layout(whole)
        if layout:
            led_back(layout.groups, width, parts)
        return layout
    if folded := unfolded(lines):
        layout = best_layout(folded[0])
        if layout:
            led_back(layout.groups, folded[1], 2)
        return layout
    beside = [layout for half in halves(lines) if (layout := _layout_of_half(half))]
    if len(beside) > 1:
        groups = [group for layout in beside for group in layout.groups]
        return Layout(beside[0].shape, groups, min(layout.score for layout in beside))
    best = _best_shape(lines)
    return best if best and best.score >= MIN_SCORE else None


def _layout_of_half(half: Sequence[Line]) -> Layout | None:
    heading, below = title_of(half)
    layout = best_layout(below)
    return layout and replace(layout, groups=[Group(heading, children=layout.groups)]) if heading else layout


def _best_shape(lines: Sequence[Line]) -> Layout | None:
    best: Layout | None = None
    for shape in SHAPES.values():
        layout = shape(lines)
        if layout and (best is None or layout.score > best.score):
            best = layout
        if best and best.score >= PLAIN_SCORE:
            break
    return best
