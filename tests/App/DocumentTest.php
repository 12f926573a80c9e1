<?php

declare(strict_types=1);

namespace Tests\App;

use App\Models\Document;
use App\Models\MenuEntry;
use App\Models\StoreEdit;
use Illuminate\Http\UploadedFile;
use Illuminate\Testing\TestResponse;

/** Menus lead to files that were brought, and to the web elsewhere. */
final class DocumentTest extends AppTestCase
{
    private const AT = '/workbench/looks/1/storeroom';
    private const PDF = "%PDF-1.4\n1 0 obj<</Type/Catalog>>endobj\ntrailer<</Root 1 0 R>>\n%%EOF\n";

    protected function setUp(): void
    {
        parent::setUp();
        $this->actingAs($this->person('tobias'));
    }

    private function bring(string $bytes, string $name, string $to = '/documents'): TestResponse
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'document');
        file_put_contents($path, $bytes);

        return $this->post(self::AT.$to, ['open_kind' => 'documents', 'file' => new UploadedFile($path, $name, null, null, true)]);
    }

    private function lead(string $target): TestResponse
    {
        return $this->post(self::AT.'/cells', [
            'open_kind' => 'entries', 'record' => MenuEntry::query()->orderBy('id')->value('id'), 'column' => 'target', 'value' => $target,
        ]);
    }

    public function testADocumentIsBroughtLedToReplacedRenamedAndUndone(): void
    {
        $this->bring(self::PDF, 'paper_care-sheet.txt')->assertOk()->assertJson(['name' => 'Paper care sheet']);
        $document = Document::query()->sole();
        self::assertSame('paper-care-sheet', $document->slug);
        self::assertMatchesRegularExpression('~^/[a-z-]+/pictures/1/document-[0-9a-f]{16}\.pdf$~', $document->path);
        self::assertSame(self::PDF, file_get_contents(public_path($document->path)));
        $this->get(self::SHOP.'/document/paper-care-sheet')->assertRedirect($document->path);

        $this->lead('/document/paper-care-sheet')->assertOk();
        $this->get(self::SHOP.'/')->assertSee('href="'.self::SHOP.'/document/paper-care-sheet"', false);
        $this->get(self::AT."?open_kind=documents&open_record=$document->id")->assertOk()
            ->assertSee('Menu entry, Paper lanterns')->assertSee('PDF, 1 kB');

        $this->bring(self::PDF.'more', 'other.pdf', "/documents/$document->id/file")->assertOk();
        $other = $document->fresh()?->path;
        self::assertNotSame($document->path, $other);
        $this->get(self::SHOP.'/document/paper-care-sheet')->assertRedirect((string) $other);

        $this->post(self::AT.'/cells', ['open_kind' => 'documents', 'record' => $document->id, 'column' => 'slug', 'value' => 'care'])
            ->assertOk();
        $this->get(self::SHOP.'/document/paper-care-sheet')->assertRedirect(self::SHOP.'/document/care');

        $this->post(self::AT.'/delete', ['open_kind' => 'documents', 'ids' => (string) $document->id])->assertOk();
        $this->get(self::SHOP.'/document/care')->assertNotFound();
        $this->get('/workbench/looks/1/header')->assertSee('leads to /document/paper-care-sheet, which is not in the shop');
        $this->post(self::AT.'/undo')->assertOk();
        $this->get(self::SHOP.'/document/care')->assertRedirect((string) $other);
        self::assertSame($document->id, Document::query()->sole()->id);
    }

    public function testTwoOfOneNameStandBesideEachOther(): void
    {
        $this->bring(self::PDF, 'prices.pdf')->assertOk();
        $this->bring("Lantern,68\n", 'prices.csv')->assertOk();
        self::assertSame(['prices', 'prices-2'], Document::query()->orderBy('id')->pluck('slug')->all());
        self::assertSame(2, StoreEdit::query()->where('label', 'like', '%rices%')->count(), 'each is an edit of its own');
    }

    public function testWhatIsNoDocumentIsRefusedWithASentence(): void
    {
        foreach (['<!DOCTYPE html><script>alert(1)</script>', "GIF89a\x01\x00\x01\x00", "\x7fELF\x02\x01\x01", ''] as $bytes) {
            $this->bring($bytes, 'care.pdf')->assertStatus(422)->assertSee('no document Ikat can keep');
        }
        $this->post(self::AT.'/documents', ['open_kind' => 'documents'])->assertStatus(422)->assertSee('No file has arrived');
        self::assertSame(0, Document::query()->count());
        $this->post(self::AT.'/new', ['open_kind' => 'documents', 'new' => ['name' => 'Typed', 'path' => '/a.pdf', 'bytes' => '1']])
            ->assertStatus(422)->assertSee('comes from a file');
        $this->bring(self::PDF, 'care.pdf')->assertOk();
        $this->post(self::AT.'/cells', [
            'open_kind' => 'documents', 'record' => Document::query()->value('id'), 'column' => 'path', 'value' => '/workbench/x.html',
        ])->assertSee('no file of the shop');
        $this->actingAs($this->person('ines'))->post(self::AT.'/documents')->assertForbidden();
    }

    public function testAnEntryLeadsToTheWebElsewhere(): void
    {
        $this->lead('blog.example/winter?a=1&b=2')->assertOk();
        self::assertSame('https://blog.example/winter?a=1&b=2', MenuEntry::query()->orderBy('id')->value('target'));
        $this->get(self::SHOP.'/')->assertSee('href="https://blog.example/winter?a=1&amp;b=2"', false);
        $this->get('/workbench/looks/1/header')->assertDontSee('which is not in the shop');
        $this->lead('javascript:alert(1)')->assertSee('or one on the web');
        self::assertSame('https://blog.example/winter?a=1&b=2', MenuEntry::query()->orderBy('id')->value('target'));
    }
}
