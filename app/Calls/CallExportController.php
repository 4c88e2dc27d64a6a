<?php

declare(strict_types=1);

namespace App\Calls;

use App\Api\Operation;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

/** A call as open files. */
class CallExportController
{
    private const JSON = JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION;

    #[Operation('A call as a call file', file: 'application/json')]
    public function json(Call $call, CallFile $file): JsonResponse
    {
        $name = ['Content-Disposition' => "attachment; filename=\"call-$call->number.json\""];

        return response()->json($file->export($call), 200, $name, self::JSON);
    }

    #[Operation('The readings of a call as rows', file: 'text/csv')]
    public function csv(Call $call, Readings $readings): StreamedResponse
    {
        return response()->streamDownload(function () use ($call, $readings): void {
            $out = new \SplFileObject('php://output', 'w');
            foreach ($readings->of($call) as $row) {
                $out->fputcsv($row, ',', '"', '');
            }
        }, "call-$call->number-readings.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }
}
