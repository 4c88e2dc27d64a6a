<?php

declare(strict_types=1);

namespace App\Print;

use Dompdf\Dompdf;
use Dompdf\Options;
use Illuminate\Contracts\View\Factory;
use Illuminate\Support\Facades\File;

/** Sheets of paper, as PDF. Nothing is fetched for them: fonts and drawings are in the file. */
final readonly class Paper
{
    public function __construct(private Factory $views)
    {
    }

    /** @return string the address of a drawing that is in the file itself */
    public static function picture(string $svg): string
    {
        return 'data:image/svg+xml;base64,'.base64_encode($svg);
    }

    /**
     * @param  view-string  $view
     * @param  array<string, mixed>  $data  of the view
     * @param  'portrait'|'landscape'  $lies
     * @return string the PDF
     */
    public function print(string $view, array $data, string $lies = 'portrait'): string
    {
        $options = new Options;
        $options->setIsRemoteEnabled(false);
        $options->setIsPhpEnabled(false);
        $options->setDefaultFont('DejaVu Sans');
        $options->setTempDir(sys_get_temp_dir());
        // what it makes of the fonts is made once
        File::ensureDirectoryExists($fonts = storage_path('framework/cache/fonts'));
        $options->setFontCache($fonts);
        $pdf = new Dompdf($options);
        $pdf->setPaper(config()->string('levin.paper'), $lies);
        $pdf->loadHtml($this->views->make($view, $data)->render(), 'UTF-8');
        $pdf->render();

        return (string) $pdf->output();
    }
}
