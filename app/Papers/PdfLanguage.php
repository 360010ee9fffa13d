<?php

declare(strict_types=1);

namespace App\Papers;

/** Says in a finished PDF in which language it is: its catalog once more, as an incremental update (ISO 32000-1, 7.5.6). */
final class PdfLanguage
{
    /** The same file where its catalog cannot be found. */
    public static function set(string $pdf, string $language): string
    {
        preg_match('~/Root (\d+) 0 R~', $pdf, $root);
        preg_match('~/Size (\d+)~', $pdf, $size);
        preg_match_all('~startxref\s+(\d+)~', $pdf, $tables);
        preg_match('~\n'.($root[1] ?? '0').' 0 obj\n<<(.*?)>>\nendobj~s', $pdf, $catalog);
        if (! isset($root[1], $size[1], $catalog[1]) || $tables[1] === []) {
            return $pdf;
        }
        $pdf = rtrim($pdf)."\n";
        $at = strlen($pdf);
        $entries = rtrim($catalog[1]);
        $info = preg_match('~/Info \d+ 0 R~', $pdf, $found) === 1 ? " $found[0]" : '';
        $pdf .= "$root[1] 0 obj\n<<$entries\n/Lang ($language) >>\nendobj\n";
        $table = strlen($pdf);

        return $pdf."xref\n$root[1] 1\n".sprintf(
            "%010d 00000 n \n",
            $at,
        )."trailer\n<< /Size $size[1] /Root $root[1] 0 R$info /Prev ".end($tables[1])." >>\nstartxref\n$table\n%%EOF\n";
    }
}
