<?php

declare(strict_types=1);

namespace App\Features\Compare\Controllers;

use App\Features\Compare\Queries\ComparisonFile;
use App\Features\Compare\Queries\ComparisonPage;
use App\Features\Compare\Requests\CompareRequest;
use App\Models\Person;
use App\Support\Clock\Today;
use Illuminate\Container\Attributes\CurrentUser;
use Illuminate\Support\Facades\Gate;
use Inertia\Inertia;
use Inertia\Response;
use Symfony\Component\HttpFoundation\StreamedResponse;

final readonly class CompareController
{
    public function __construct(private Today $today)
    {
    }

    public function show(#[CurrentUser] Person $reader, CompareRequest $request, ComparisonPage $page): Response
    {
        Gate::authorize('compare', $reader);

        return Inertia::render('Compare', ['comparison' => $page->of($reader, $request->question($reader, $this->today->for($reader)))]);
    }

    public function file(#[CurrentUser] Person $reader, CompareRequest $request, ComparisonFile $file): StreamedResponse
    {
        Gate::authorize('compare', $reader);
        $question = $request->question($reader, $this->today->for($reader));
        $name = sprintf('comparison-%s-%s-to-%s.csv', $question->terms->by->value, $question->terms->days->first()->toString(), $question->terms->days->last()->toString());

        return response()->streamDownload(static function () use ($file, $reader, $question): void {
            foreach ($file->lines($reader, $question) as $line) {
                echo $line;
            }
        }, $name, ['Content-Type' => 'text/csv; charset=utf-8']);
    }
}
