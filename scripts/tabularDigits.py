"""Makes the digits of the figures' typeface tabular by default (its own glyphs of the `tnum` feature), so that a canvas, which knows no font features, draws the same digits as the page.

    python3 scripts/tabularDigits.py public/fonts/barlow-*.woff2

Run once when the typeface is renewed; needs Debian's python3-fonttools and python3-brotli. Does nothing to a file already done.
"""
import sys
from fontTools.ttLib import TTFont

for path in sys.argv[1:]:
    font = TTFont(path)
    for table in font["cmap"].tables:
        for digit in range(ord("0"), ord("9") + 1):
            tabular = f"{table.cmap.get(digit)}.tf"
            if tabular in font.getGlyphOrder():
                table.cmap[digit] = tabular
    font.flavor = "woff2"
    font.save(path)
    print(path)
