/** Takes PDFs apart, as package pdfjs-dist does it: it listens by itself once it is loaded. */
import 'pdfjs-dist/build/pdf.worker.mjs';
