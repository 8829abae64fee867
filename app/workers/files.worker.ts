import { expose } from 'comlink'
import { FILE_READERS } from '../files/fileReaders'

// files are read beside the page, which goes on meanwhile
expose(FILE_READERS)
