<?php

declare(strict_types=1);

namespace App\Papers;

use App\View\Drawing\Drawings;
use App\View\Drawing\FrameDrawing;
use App\View\Drawing\Sheet;
use App\View\TakeDesk;
use App\View\Workspace;
use Dompdf\Adapter\CPDF;
use Dompdf\Dompdf;
use Dompdf\Options;

/** The sheet that is taped to the wall: floor to scale, frames, where everything stands from two walls, verdicts. */
final readonly class SetupSheet
{
    /** The floor beside words, not to scale. */
    private const SMALLER = 0.55;

    private const MM_A_METRE = 1000.0;

    public function __construct(private Drawings $drawings)
    {
    }

    public function pdf(Workspace $work, Paper $paper): string
    {
        return $this->printed(fn (string $face): string => $this->html($work, $paper, $face), $paper);
    }

    /** @param  \Closure(string): string  $html  for drawings in this typeface */
    private function printed(\Closure $html, Paper $paper): string
    {
        $cache = storage_path('framework/cache');
        $options = new Options([
            'isRemoteEnabled' => false, 'isPhpEnabled' => false, 'isFontSubsettingEnabled' => true, 'defaultFont' => 'DejaVu Sans',
            'tempDir' => $cache,
            'fontDir' => $cache,
            'fontCache' => $cache,
            'chroot' => [base_path('vendor/dompdf'), public_path('build/fonts')],
        ]);
        $pdf = new Dompdf($options);
        foreach (['normal' => '400', 'bold' => '700'] as $weight => $file) {
            // The pages' own typeface; what it has no glyph for, an arrow or a prime, comes from the other.
            $pdf->getFontMetrics()->registerFont(
                ['family' => 'Hyperlegible', 'weight' => $weight, 'style' => 'normal'],
                public_path("build/fonts/print-$file.ttf"),
            );
        }
        $pdf->setPaper($paper->value);
        // Drawings name a typeface by its file.
        $pdf->loadHtml($html((string) $pdf->getFontMetrics()->getFont('Hyperlegible', 'normal')));
        $pdf->render();
        $canvas = $pdf->getCanvas();
        // A sheet to scale is of no use shrunk to the printer's margins.
        if ($canvas instanceof CPDF) {
            $canvas->get_cpdf()->setPreferences(['PrintScaling' => 'None', 'DisplayDocTitle' => true]);
        }

        return PdfLanguage::set((string) $pdf->output(), 'en');
    }

    /** The distances to follow, to be cut out and stuck beside the focus ring: each mark in both units. */
    public function strip(TakeDesk $take, string $title, Paper $paper): string
    {
        return $this->printed(static fn (): string => view('papers.focus-strip', ['take' => $take, 'title' => $title])->render(), $paper);
    }

    /**
     * @param  list<array{name: string, faces: string, images: list<string>}>  $rows  the same place by other lamps
     * @param  int  $left  lamps that have no row
     */
    public function contact(string $title, array $rows, int $left, Paper $paper): string
    {
        return $this->printed(
            static fn (): string => view('papers.contact-sheet', ['title' => $title, 'rows' => $rows, 'left' => $left])->render(),
            $paper,
        );
    }

    /**
     * A paper of words alone.
     *
     * @param  view-string  $view
     */
    public function words(string $view, Workspace $work, Paper $paper): string
    {
        return $this->printed(static fn (): string => view($view, ['work' => $work])->render(), $paper);
    }

    public function safety(Workspace $work, Paper $paper): string
    {
        $scale = $this->scale($work->floor()->sheet, $paper);

        return $this->printed(fn (string $face): string => view('papers.safety-sheet', [
            'work' => $work,
            'floor' => self::image($this->drawings->floor($work, false, $face, ['mains'])),
            'floorMm' => round(self::SMALLER * $work->floor()->sheet->width / Sheet::UNITS * self::MM_A_METRE / $scale, 1),
        ])->render(), $paper);
    }

    public function html(Workspace $work, Paper $paper, string $face = Drawings::FACE): string
    {
        $scale = $this->scale($work->floor()->sheet, $paper);

        return view('papers.setup-sheet', [
            'work' => $work,
            'scale' => $scale,
            'floor' => self::image($this->drawings->floor($work, false, $face)),
            'floorMm' => round($work->floor()->sheet->width / Sheet::UNITS * self::MM_A_METRE / $scale, 1),
            'frames' => $this->pictures($work, $face),
        ])->render();
    }

    /** @return list<array{frame: FrameDrawing, image: string}> */
    private function pictures(Workspace $work, string $face): array
    {
        return array_map(
            fn (FrameDrawing $f): array => ['frame' => $f, 'image' => self::image($this->drawings->framed($f, $face))],
            $work->frames(),
        );
    }

    public static function image(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /** The largest usual scale at which the floor fits. */
    private function scale(Sheet $sheet, Paper $paper): int
    {
        [$width, $height] = $paper->floorMm();
        foreach ($paper->scales() as $scale) {
            $mm = self::MM_A_METRE / $scale / Sheet::UNITS;
            if ($sheet->width * $mm <= $width && $sheet->height * $mm <= $height) {
                return $scale;
            }
        }

        return max($paper->scales());
    }
}
