<?php

namespace App\Http\Controllers;

use App\Calls\CallFile;
use App\Models\Call;
use Illuminate\Http\JsonResponse;
use Symfony\Component\HttpFoundation\StreamedResponse;

class CallExportController
{
    public function json(Call $call, CallFile $file): JsonResponse
    {
        return response()->json($file->export($call), 200, ['Content-Disposition' => "attachment; filename=\"call-$call->number.json\""], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_PRESERVE_ZERO_FRACTION);
    }

    public function csv(Call $call, CallFile $file): StreamedResponse
    {
        return response()->streamDownload(function () use ($call, $file): void {
            $out = fopen('php://output', 'w') ?: throw new \RuntimeException('The output cannot be written.');
            foreach ($file->readings($call) as $row) {
                fputcsv($out, $row, ',', '"', '');
            }
            fclose($out);
        }, "call-$call->number-readings.csv", ['Content-Type' => 'text/csv; charset=UTF-8']);
    }
}
