"""The tests of every part; what they draw at random has no deadline, since a busy machine is no failure."""

from hypothesis import settings

settings.register_profile("unhurried", deadline=None)
settings.load_profile("unhurried")
