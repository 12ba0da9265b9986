"""What is read of a text, as tests compare it."""

from yes_tally.core.reading.reader import read


def told(text):
    """The value of each fact that a text tells for sure, by the fact or by ``item#n.field``."""
    found = {}
    for reading in read(text.encode()).readings:
        if reading.confidence >= 0.5:
            key = f"{reading.item}.{reading.fact.partition('.')[2]}" if reading.item else reading.fact
            found[key] = reading.value.value
    return found
