<?php

declare(strict_types=1);

namespace Tests\App\SignIn;

use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\File;
use Tests\App\TestCase;

final class ClearSessionsTest extends TestCase
{
    public function test_sessions_go_once_they_have_ended_and_not_before(): void
    {
        $folder = sys_get_temp_dir().'/sessions-'.bin2hex(random_bytes(6));
        File::makeDirectory($folder);
        config(['session.driver' => 'file', 'session.files' => $folder, 'session.lifetime' => 480]);
        foreach (['ended' => 481, 'used lately' => 479] as $name => $minutes) {
            File::put($folder.'/'.$name, 'a session');
            touch($folder.'/'.$name, now()->subMinutes($minutes)->getTimestamp());
        }

        self::assertSame(0, Artisan::call('moss:clear-sessions'));

        self::assertSame([$folder.'/used lately'], File::glob($folder.'/*'));
        File::deleteDirectory($folder);
    }
}
