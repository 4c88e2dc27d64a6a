<?php

use App\Photos\PhotoShelf;
use App\Shop\User;
use Illuminate\Support\Str;
use Tests\Support\Demo;

// Photographs: scaled, upright, and nothing kept but the picture. Exif 2.3 from memory: APP1 is FF E1, tag 0x0112 is the orientation.

beforeEach(function (): void {
    $this->folder = sys_get_temp_dir().'/levin-photos-'.getmypid().'-'.Str::random(6);
    $this->app->instance(PhotoShelf::class, new PhotoShelf($this->folder));
    $this->actingAs(User::query()->firstWhere('email', 'oda@ternsound.example'));
    $this->call = Demo::call('Oven-room cooling unit');
    // left half red, right half blue
    $this->jpeg = function (int $width, int $height): string {
        $picture = imagecreatetruecolor($width, $height);
        imagefilledrectangle($picture, 0, 0, intdiv($width, 2), $height, imagecolorallocate($picture, 255, 0, 0));
        imagefilledrectangle($picture, intdiv($width, 2), 0, $width, $height, imagecolorallocate($picture, 0, 0, 255));
        ob_start();
        imagejpeg($picture, null, 95);

        return (string) ob_get_clean();
    };
    $this->keep = fn (string $bytes) => $this->call('POST', '/api/photos', server: [
        'CONTENT_TYPE' => 'image/jpeg', 'HTTP_ACCEPT' => 'application/json',
    ], content: $bytes);
    $this->send = fn (array $data) => $this->postJson("/api/calls/{$this->call->id}/events", [
        'id' => (string) Str::uuid(), 'type' => 'photo', 'noted_at' => now()->toIso8601ZuluString(), 'data' => $data,
    ]);
});

afterEach(function (): void {
    foreach (glob("$this->folder/*/*") ?: [] as $file) {
        unlink($file);
    }
    array_map(rmdir(...), [...glob("$this->folder/*") ?: [], ...is_dir($this->folder) ? [$this->folder] : []]);
});

/** An Exif block with an orientation and a place, as a telephone writes it, put into a JPEG. */
function withExif(string $jpeg, int $orientation): string
{
    $head = "MM\x00\x2A\x00\x00\x00\x08\x00\x01\x01\x12\x00\x03\x00\x00\x00\x01\x00";
    $tiff = $head.chr($orientation)."\x00\x00\x00\x00\x00\x00".'GPS 60N 5E';
    $exif = "Exif\x00\x00".$tiff;

    return substr($jpeg, 0, 2)."\xFF\xE1".pack('n', strlen($exif) + 2).$exif.substr($jpeg, 2);
}

it('keeps a picture scaled, and the same one once', function (): void {
    $kept = ($this->keep)(($this->jpeg)(3200, 1200))->assertCreated()->json();
    expect($kept)->toMatchArray(['width' => 1600, 'height' => 600])
        ->and(($this->keep)(($this->jpeg)(3200, 1200))->json('photo'))->toBe($kept['photo']);
    $shown = $this->get("/api/photos/{$kept['photo']}.jpg")->assertOk();
    expect(getimagesizefromstring((string) file_get_contents($shown->getFile()->getPathname())))->toMatchArray([0 => 1600, 1 => 600]);
});

it('strips place and telephone, and turns it upright', function (): void {
    // 6: the top of the scene is at the right of the picture; it is turned clockwise
    $kept = ($this->keep)(withExif(($this->jpeg)(400, 200), 6))->assertCreated()->json();
    $bytes = (string) file_get_contents(app(PhotoShelf::class)->path($kept['photo']));
    expect($kept)->toMatchArray(['width' => 200, 'height' => 400])
        ->and($bytes)->not->toContain('GPS')->not->toContain('Exif');
    $top = imagecolorsforindex($picture = imagecreatefromstring($bytes), imagecolorat($picture, 100, 40));
    expect($top['red'])->toBeGreaterThan(200)->and($top['blue'])->toBeLessThan(60);
});

it('says of what it is, with the call and the part', function (): void {
    $photo = ($this->keep)(($this->jpeg)(300, 200))->json('photo');
    $events = ($this->send)(['photo' => $photo, 'part' => 'CAP', 'words' => 'bulged'])->assertCreated()->json('events');
    expect(end($events)['data'])->toMatchArray(['photo' => $photo, 'part' => 'CAP', 'label' => 'Dual run capacitor', 'words' => 'bulged']);
    $this->get("/api/calls/{$this->call->id}/report.pdf")->assertOk();
});

it('goes with its call to another installation, and nothing goes but the picture', function (): void {
    $marit = User::query()->firstWhere('email', 'marit@ternsound.example');
    $photo = ($this->keep)(($this->jpeg)(300, 200))->json('photo');
    ($this->send)(['photo' => $photo, 'part' => 'CAP', 'words' => 'bulged'])->assertCreated();
    $file = $this->getJson("/api/calls/{$this->call->id}/call.json")->assertOk()->json();
    expect(array_keys($file['photos']))->toBe([$photo]);
    // there: another call with other events, and no picture yet
    unlink(app(PhotoShelf::class)->path($photo));
    $file['number'] = 9001;
    $file['events'] = array_map(fn (array $e): array => [...$e, 'id' => (string) Str::uuid()], $file['events']);
    $take = fn (array $photos) => $this->actingAs($marit)->postJson('/api/calls/import', [...$file, 'photos' => $photos]);
    $bytes = base64_decode($file['photos'][$photo], true);
    $take([$photo => base64_encode($bytes.'.')])->assertUnprocessable()->assertSee('Nothing was changed');
    $named = withExif($bytes, 1);
    $take([hash('sha256', $named) => base64_encode($named)])->assertUnprocessable()->assertSee('more in it than the picture');
    $take([$photo => 'no Base64!'])->assertUnprocessable();
    expect(app(PhotoShelf::class)->has($photo))->toBeFalse();
    $take($file['photos'])->assertCreated();
    $this->get("/api/photos/$photo.jpg")->assertOk();
    expect((string) file_get_contents(app(PhotoShelf::class)->path($photo)))->toBe($bytes);
    // the call is here by now: its file is taken no more, and no picture of it
    unlink(app(PhotoShelf::class)->path($photo));
    $take($file['photos'])->assertUnprocessable()->assertSee('Nothing was changed');
    expect(app(PhotoShelf::class)->has($photo))->toBeFalse();
});

it('refuses what is no picture, one that is not here, and a part that there is not', function (): void {
    ($this->keep)('not a picture')->assertUnprocessable()->assertSee('Take it again');
    ($this->keep)('')->assertUnprocessable();
    ($this->send)(['photo' => str_repeat('a', 64)])->assertUnprocessable()->assertSee('Send the picture first');
    ($this->send)(['photo' => '../../etc/passwd'])->assertUnprocessable();
    $photo = ($this->keep)(($this->jpeg)(300, 200))->json('photo');
    ($this->send)(['photo' => $photo, 'part' => 'NONE'])->assertUnprocessable();
    $this->getJson('/api/photos/'.str_repeat('a', 64).'.jpg')->assertNotFound();
});

it('is for those who are signed in', function (): void {
    auth()->logout();
    ($this->keep)(($this->jpeg)(30, 20))->assertUnauthorized();
});
