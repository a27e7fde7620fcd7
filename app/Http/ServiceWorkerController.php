<?php

declare(strict_types=1);

namespace App\Http;

use App\Support\Language\Wording;
use Illuminate\Http\Response;

/** What lets the application open without a network: the built worker, told which files belong to its build. */
final class ServiceWorkerController
{
    private const WORKER = 'resources/js/worker/serviceWorker.ts';

    public function show(): Response
    {
        $manifest = public_path('build/manifest.json');
        $text = is_file($manifest) ? (string) file_get_contents($manifest) : '';
        $built = json_decode($text, true);
        $worker = is_array($built) && is_array($built[self::WORKER] ?? null) ? $built[self::WORKER]['file'] ?? null : null;
        if (! is_array($built) || ! is_string($worker)) {
            // Before anything is built there is nothing to keep.
            return self::script('');
        }
        $told = ['version' => substr(hash('sha256', $text), 0, 16), 'files' => self::files($built, $worker), 'sorry' => self::sorry()];

        return self::script('const MOSS = '.json_encode($told, JSON_THROW_ON_ERROR | JSON_UNESCAPED_SLASHES).";\n".file_get_contents(public_path('build/'.$worker)));
    }

    private static function script(string $text): Response
    {
        return response($text, 200, ['Content-Type' => 'text/javascript; charset=utf-8', 'Service-Worker-Allowed' => '/']);
    }

    /**
     * Scripts, styles and the fonts of nearly every text.
     *
     * @param  array<array-key, mixed>  $built
     * @return list<string>
     */
    private static function files(array $built, string $worker): array
    {
        $files = [];
        foreach ($built as $source => $one) {
            $file = is_array($one) && is_string($one['file'] ?? null) ? $one['file'] : '';
            $isFont = str_ends_with($file, '.woff2');
            if ($file !== $worker && (preg_match('/\.(js|css)$/', $file) === 1 || ($isFont && in_array($source, PageFiles::FONTS, true)))) {
                $files['/build/'.$file] = true;
            }
        }

        return array_keys($files);
    }

    private static function sorry(): string
    {
        return '<!DOCTYPE html><html lang="'.e(str_replace('_', '-', app()->getLocale())).'"><meta charset="utf-8"><meta name="viewport" content="width=device-width"><title>Moss Week</title><h1>'
            .e(Wording::of('faults.offline_title')).'</h1><p>'.e(Wording::of('faults.offline')).'</p><p><a href="/week">'.e(Wording::of('faults.offline_week')).'</a></p></html>';
    }
}
