"""``python -m yes_tally.cli``: the console script without its script."""

from yes_tally.cli import main

main()
